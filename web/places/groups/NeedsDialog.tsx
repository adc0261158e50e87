import { App, Button, Checkbox, DatePicker, Input, Modal, Select } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import type { Person } from '../../../core/group/person';
import { isOld, NEED_KINDS, Need, type NeedKind, needLabel, needWords } from '../../../core/needs/need';
import { needReason } from '../../../core/needs/needRules';
import { ASK_FIRST, NEED_SETS } from '../../../core/needs/needSets';
import { nowMs, today } from '../../app/machine/clock';

interface Props {
  readonly person: Person;
  /** Answers whether it was kept. */
  readonly onSave: (person: Person) => Promise<boolean>;
  readonly onClose: () => void;
}

/** Needs are asked again after so many weeks. */
const ASKED_AGAIN_WEEKS = 12;

const SIDES = [
  { value: 'left', label: 'left' },
  { value: 'right', label: 'right' },
  { value: 'both', label: 'both sides' },
];
const TOUCHES = [
  { value: 'yes', label: 'yes' },
  { value: 'ask', label: 'ask first' },
  { value: 'no', label: 'no' },
];

/** What a kind begins with before its side or answer is chosen. */
const begun = (kind: NeedKind, askAgainBy: string): Need => {
  const dates = { askedOn: today(), agreedOn: today(), askAgainBy };
  if (kind === 'touch') return Need.parse({ kind, answer: 'ask', ...dates });
  return Need.parse({ kind, ...(kind === 'no-twist' || kind === 'arm-low' ? { side: 'both' } : {}), ...dates });
};

/** What must be done for somebody: asked, agreed to be written, and asked again. Nothing is kept before it was agreed to. */
export function NeedsDialog({ person, onSave, onClose }: Props) {
  const { message } = App.useApp();
  const [needs, setNeeds] = useState<readonly Need[]>(person.needs);
  const [formSeen, setFormSeen] = useState(person.formSeen);
  const [askAgainBy, setAskAgainBy] = useState(dayjs(nowMs()).add(ASKED_AGAIN_WEEKS, 'week').format('YYYY-MM-DD'));
  const [hasAgreed, setAgreed] = useState(false);
  const [withReasons, setWithReasons] = useState(person.needs.some(({ reason }) => reason !== ''));
  const isChanged = needs !== person.needs;
  const left = NEED_KINDS.filter((kind) => !needs.some((need) => need.kind === kind));
  const change = (place: number, to: Need) => setNeeds(needs.with(place, to));
  const add = (kinds: readonly NeedKind[]) =>
    setNeeds([...needs, ...kinds.filter((kind) => left.includes(kind)).map((kind) => begun(kind, askAgainBy))]);
  const save = async () => {
    const kept = await onSave({ ...person, needs: [...needs], formSeen });
    if (!kept) return;
    message.success(`What to mind for ${person.called} is written down.`);
    onClose();
  };
  return (
    <Modal
      open
      title={`What to mind for ${person.called}`}
      onCancel={onClose}
      width={640}
      footer={[
        <Button key="cancel" onClick={onClose}>
          Cancel
        </Button>,
        <Button
          key="save"
          type="primary"
          disabled={(isChanged && needs.length > 0 && !hasAgreed) || (!isChanged && formSeen === person.formSeen)}
          onClick={() => void save()}
        >
          Save
        </Button>,
      ]}
    >
      <p className="faded">What to do for them, not why. {ASK_FIRST}</p>
      {needs.length === 0 && <p>Nothing is written down.</p>}
      <ul className="needs-list">
        {needs.map((need, place) => (
          <li key={need.kind}>
            <span title={needReason(need.kind)?.reason}>{needWords(need)}</span>
            {'side' in need && (
              <Select
                size="small"
                aria-label={`Side: ${needLabel(need.kind)}`}
                value={need.side}
                options={SIDES}
                onChange={(side) => change(place, { ...need, side })}
              />
            )}
            {need.kind === 'touch' && (
              <Select
                size="small"
                aria-label="Touch"
                value={need.answer}
                options={TOUCHES}
                onChange={(answer) => change(place, { ...need, answer })}
              />
            )}
            {withReasons && (
              <Input
                size="small"
                maxLength={120}
                placeholder="Why, if they want it written"
                aria-label={`Why: ${needLabel(need.kind)}`}
                value={need.reason}
                onChange={({ target }) => change(place, { ...need, reason: target.value })}
              />
            )}
            <span className={isOld(need, today()) ? 'needs-old' : 'faded'}>
              {isOld(need, today()) ? 'old: ask again' : `ask again by ${dayjs(need.askAgainBy).format('D MMM')}`}
            </span>
            {isOld(need, today()) && (
              <Button
                size="small"
                aria-label={`Asked again: ${needLabel(need.kind)}`}
                onClick={() => change(place, { ...need, askedOn: today(), agreedOn: today(), askAgainBy })}
              >
                Asked again
              </Button>
            )}
            <Button
              size="small"
              type="text"
              aria-label={`No more: ${needLabel(need.kind)}`}
              onClick={() => setNeeds(needs.toSpliced(place, 1))}
            >
              No more
            </Button>
          </li>
        ))}
      </ul>
      <div className="needs-add">
        <Select
          aria-label="A need"
          placeholder="Add what to do"
          value={null}
          options={left.map((kind) => ({ value: kind, label: needLabel(kind) }))}
          onChange={(kind: NeedKind | null) => kind !== null && add([kind])}
        />
        <Select
          aria-label="What they say"
          placeholder="They say …"
          value={null}
          options={NEED_SETS.map(({ said, kinds }) => ({ value: said, label: said, kinds }))}
          onChange={(said: string | null) => add(NEED_SETS.find((set) => set.said === said)?.kinds ?? [])}
        />
        <DatePicker
          aria-label="Ask again by"
          allowClear={false}
          value={dayjs(askAgainBy)}
          onChange={(day) => setAskAgainBy(dayjs(day).format('YYYY-MM-DD'))}
        />
      </div>
      <p>
        <Checkbox checked={withReasons} onChange={({ target }) => setWithReasons(target.checked)}>
          Write reasons too
        </Checkbox>
      </p>
      <p>
        <Checkbox checked={hasAgreed} onChange={({ target }) => setAgreed(target.checked)}>
          {person.called} was asked today, and agreed that this is written down
        </Checkbox>
      </p>
      <div className="needs-form">
        <label htmlFor="form-seen">Paper form seen on</label>
        <DatePicker
          id="form-seen"
          value={formSeen === null ? null : dayjs(formSeen)}
          onChange={(day) => setFormSeen(day ? dayjs(day).format('YYYY-MM-DD') : null)}
        />
      </div>
    </Modal>
  );
}
