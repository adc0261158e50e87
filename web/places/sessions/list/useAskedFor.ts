import { useSearchParams } from 'react-router';
import { SessionsWhen } from '../../../../core/formats/api/api';
import { today } from '../../../app/machine/clock';
import type { SessionsAsked } from '../../../app/server/api';

/** So many classes stand on a page. */
export const PAGE = 25;

/** What the list is narrowed by, as the address says it; an empty value takes one away. */
export type Wanted = Partial<Record<'when' | 'group' | 'words' | 'page', string>>;

/** Which classes the address asks for, and a way to ask for others. What is narrowed otherwise begins at its first page. */
export function useAskedFor(): { readonly asked: SessionsAsked; readonly want: (wanted: Wanted) => void } {
  const [params, setParams] = useSearchParams();
  const [group, words] = [params.get('group'), params.get('words')];
  const page = Math.max(1, Number(params.get('page')) || 1);
  const asked: SessionsAsked = {
    when: SessionsWhen.safeParse(params.get('when')).data ?? 'all',
    ...(group && { group }),
    ...(words && { words }),
    from: (page - 1) * PAGE,
    size: PAGE,
    today: today(),
  };
  const want = (wanted: Wanted) => {
    const next = new URLSearchParams(params);
    if (!('page' in wanted)) next.delete('page');
    for (const [name, value] of Object.entries(wanted)) {
      if (value) next.set(name, value);
      else next.delete(name);
    }
    setParams(next, { replace: true });
  };
  return { asked, want };
}
