import { Checkbox, Select } from 'antd';
import type { LedBy } from '../../../../../core/session/plan/line/ledBy';
import type { Item } from '../../../../../core/session/plan/session';
import { LED_WORDS } from '../../../../class/words/ledWords';
import { useEdits } from '../../draft/useEdits';

const AS_SECTION = 'section' as const;
const CHOICES: { value: LedBy | typeof AS_SECTION; label: string }[] = [
  { value: AS_SECTION, label: 'as its section' },
  ...LED_WORDS,
];

/** How a line is taught: what leads it, and whether a talk waits to be ended. */
export function TaughtFields({ item }: { readonly item: Item }) {
  const edit = useEdits();
  const { id: itemId } = item;
  return (
    <div className="panel-fields">
      <span>Taught</span>
      <Select<LedBy | typeof AS_SECTION>
        value={item.ledBy ?? AS_SECTION}
        options={CHOICES}
        onChange={(by) => edit([{ kind: 'change', itemId, to: { ledBy: by === AS_SECTION ? null : by } }])}
        aria-label="What leads it"
      />
      {item.kind === 'talk' && (
        <Checkbox
          className="panel-wide"
          checked={!item.endsByItself}
          onChange={({ target }) => edit([{ kind: 'change', itemId, to: { endsByItself: !target.checked } }])}
        >
          Waits for me when its time is over
        </Checkbox>
      )}
    </div>
  );
}
