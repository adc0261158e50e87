import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input, InputNumber, Popover, Segmented, Select } from 'antd';
import { memo, useMemo } from 'react';
import { unique } from 'remeda';
import { type Movement, usualName } from '../../../../../core/movement/schema/movement';
import type { Section } from '../../../../../core/session/plan/session';
import type { SettleLine, SettleRoutine } from '../../../../../core/session/plan/settleRoutine';
import { useRepertoire } from '../../../../app/repertoire';
import { settleSaid } from '../../../../class/words/sectionWords';
import { useEdits } from '../../draft/useEdits';
import './settle.css';

interface Props {
  readonly section: number;
  readonly word: string;
  readonly settle: Section['settle'];
}

type When = SettleRoutine['when'] | 'never';

const WHENS: { value: When; label: string }[] = [
  { value: 'never', label: 'Not' },
  { value: 'after-each', label: 'After each' },
  { value: 'at-end', label: 'Once, at the end' },
];
const MOST_LINES = 8;

/** What a section is settled with, opened to be changed. */
export const SettleButton = memo(function SettleButton({ section, word, settle }: Props) {
  const repertoire = useRepertoire();
  return (
    <Popover
      content={<SettleForm section={section} settle={settle} />}
      trigger="click"
      placement="bottomRight"
      title={`How the ${word.toLowerCase()} is settled`}
    >
      <Button type="text" size="small" className="passage-settle">
        {settleSaid(settle, repertoire.find)}
      </Button>
    </Popover>
  );
});

/** What is likely to settle first: what closes a class, then what cools it down, then the rest by name. */
function likely(movements: readonly Movement[]): Movement[] {
  const rank = ({ roles }: Movement) => (roles.includes('closing') ? 0 : roles.includes('cool-down') ? 1 : 2);
  return movements.toSorted((a, b) => rank(a) - rank(b) || usualName(a).localeCompare(usualName(b)));
}

const asLine = ({ id, count }: Movement): SettleLine => ({ movementId: id, count: count.least });

function SettleForm({ section, settle }: Omit<Props, 'word'>) {
  const repertoire = useRepertoire();
  const edit = useEdits();
  const movements = useMemo(() => likely(repertoire.movements), [repertoire]);
  // What is said already stays in the list, also where it is out of sight or has a newer version.
  const there = (settle?.lines ?? []).flatMap(({ movementId }) => repertoire.find(movementId) ?? []);
  const options = unique([...movements, ...there]).map((movement) => ({
    value: movement.id,
    label: usualName(movement),
  }));
  const say = (to: Section['settle']) => void edit([{ kind: 'section', section, to: { settle: to } }]);
  const [usual] = movements;

  const choose = (when: When) => {
    if (when === 'never') say(null);
    else if (settle) say({ ...settle, when });
    else if (usual) say({ name: '', when, lines: [asLine(usual)] });
  };
  const put = (lines: SettleLine[]) => settle && say({ ...settle, lines });

  return (
    <div className="settle-form">
      <Segmented<When>
        options={WHENS}
        value={settle?.when ?? 'never'}
        onChange={choose}
        aria-label="When the section is settled"
      />
      {settle && (
        <>
          {settle.lines.map((line, index) => {
            const movement = repertoire.find(line.movementId);
            const change = (to: SettleLine) => put(settle.lines.map((one, place) => (place === index ? to : one)));
            return (
              <div key={index} className="settle-line">
                <Select
                  showSearch={{ optionFilterProp: 'label' }}
                  value={line.movementId}
                  options={options}
                  aria-label={`Movement ${index + 1} of the routine`}
                  onChange={(id) => {
                    const chosen = repertoire.find(id);
                    if (chosen) change(asLine(chosen));
                  }}
                />
                <InputNumber
                  value={line.count}
                  min={movement?.count.least ?? 1}
                  max={movement?.count.most ?? 3600}
                  step={movement?.count.step ?? 1}
                  aria-label={`Count of movement ${index + 1} of the routine`}
                  onChange={(count) => count !== null && change({ ...line, count })}
                />
                <span className="faded">{movement?.count.unit === 'repetitions' ? 'times' : movement?.count.unit}</span>
                <Button
                  type="text"
                  size="small"
                  icon={<DeleteOutlined />}
                  aria-label={`Leave movement ${index + 1} out of the routine`}
                  onClick={() =>
                    settle.lines.length === 1 ? say(null) : put(settle.lines.filter((_, place) => place !== index))
                  }
                />
              </div>
            );
          })}
          <div className="settle-foot">
            <Input
              value={settle.name}
              maxLength={60}
              placeholder="What I call it"
              aria-label="Name of the routine"
              onChange={({ target }) => say({ ...settle, name: target.value })}
            />
            <Button
              disabled={settle.lines.length >= MOST_LINES || !usual}
              onClick={() => usual && put([...settle.lines, asLine(usual)])}
            >
              One more movement
            </Button>
          </div>
        </>
      )}
    </div>
  );
}
