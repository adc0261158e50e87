import { Checkbox, Select } from 'antd';
import type { LedBy } from '../../../../../core/session/plan/line/ledBy';
import type { Item } from '../../../../../core/session/plan/session';
import { useAppDispatch } from '../../../../app/store';
import { LED_WORDS } from '../../../../class/words/ledWords';
import { lineLed, talkEnded } from '../../draft/draft';

const AS_SECTION = 'section' as const;
const CHOICES: { value: LedBy | typeof AS_SECTION; label: string }[] = [
  { value: AS_SECTION, label: 'as its section' },
  ...LED_WORDS,
];

/** How a line is taught: what leads it, and whether a talk waits to be ended. */
export function TaughtFields({ item }: { readonly item: Item }) {
  const dispatch = useAppDispatch();
  const { id } = item;
  return (
    <div className="panel-fields">
      <span>Taught</span>
      <Select<LedBy | typeof AS_SECTION>
        value={item.ledBy ?? AS_SECTION}
        options={CHOICES}
        onChange={(by) => dispatch(lineLed({ id, ledBy: by === AS_SECTION ? null : by }))}
        aria-label="What leads it"
      />
      {item.kind === 'talk' && (
        <Checkbox
          className="panel-wide"
          checked={!item.endsByItself}
          onChange={({ target }) => dispatch(talkEnded({ id, byItself: !target.checked }))}
        >
          Waits for me when its time is over
        </Checkbox>
      )}
    </div>
  );
}
