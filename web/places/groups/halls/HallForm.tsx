import { Button, Checkbox, Input, InputNumber, Segmented, Select } from 'antd';
import { useEffect, useState } from 'react';
import { emptyHall } from '../../../../core/hall/emptyHall';
import { Hall } from '../../../../core/hall/hall';
import { SHEET_FIELDS } from '../../../../core/hall/sheetLines';
import { NameField } from '../../../fields/NameField';
import { HallPlan } from '../../../hall/HallPlan';
import { KeepOuts } from './KeepOuts';

interface Props {
  readonly hall: Hall;
  readonly title: string;
  readonly onSave: (hall: Hall) => void;
  readonly onCancel: () => void;
}

const FRONTS = [
  { value: 'short', label: 'a short side' },
  { value: 'long', label: 'a long side' },
];
const FLOORS = ['wood', 'carpet', 'stone', 'mats', 'grass', 'yard'].map((value) => ({ value, label: value }));
const SHOES = [
  { value: 'bare', label: 'bare feet' },
  { value: 'soft', label: 'soft shoes' },
  { value: 'boots', label: 'boots' },
];
const NUMBERS = [
  { field: 'length', label: 'Length', suffix: 'm', step: 0.5 },
  { field: 'breadth', label: 'Breadth', suffix: 'm', step: 0.5 },
  { field: 'chairs', label: 'Chairs', suffix: '', step: 1 },
  { field: 'wall', label: 'Wall to hold', suffix: 'm', step: 1 },
] as const;
/** A hall: four numbers and a front, drawn as they are typed; what is kept out of; and the sheet for when something happens. */
export function HallForm({ hall, title, onSave, onCancel }: Props) {
  const [now, setNow] = useState(hall);
  const [isTried, setTried] = useState(false);
  const change = (part: Partial<Hall>) => setNow((before) => ({ ...before, ...part }));
  const answer = Hall.safeParse(now);
  const fault = (field: string): string | undefined =>
    isTried || field === 'breadth'
      ? answer.error?.issues.find(({ path }) => path.join('.') === field)?.message
      : undefined;
  // Opened from far down the page, it begins at its top.
  useEffect(() => {
    window.scrollTo(0, 0);
  }, []);
  const plan = answer.success ? emptyHall(answer.data) : null;
  return (
    <form
      className="place group-form"
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (answer.success) onSave(answer.data);
      }}
    >
      <h1>{title}</h1>
      <NameField id="hall-name" value={now.name} fault={fault('name')} onChange={(name) => change({ name })} />
      {NUMBERS.map(({ field, label, suffix, step }) => (
        <div key={field} className="hall-form-row">
          <label htmlFor={`hall-${field}`}>{label}</label>
          <div>
            <InputNumber
              id={`hall-${field}`}
              min={0}
              max={field === 'chairs' ? 500 : 60}
              step={step}
              suffix={suffix}
              value={now[field]}
              onChange={(value) => value !== null && change({ [field]: value })}
            />
            <p role="alert">{fault(field)}</p>
          </div>
        </div>
      ))}
      <span>The front is</span>
      <Segmented
        aria-label="The front is"
        value={now.front}
        options={FRONTS}
        onChange={(front) => change({ front: front === 'short' ? 'short' : 'long' })}
      />
      <span>As it stands</span>
      <div>
        {plan ? (
          <>
            <HallPlan
              report={plan}
              label={`${now.name || 'The hall'} from above, ${plan.spots.length} people with their arms out`}
            />
            <p>
              {plan.spots.length} can stand with their arms out, {plan.pitch.toFixed(2)} m from one to the next; a metre
              and a half along the front is yours.
            </p>
          </>
        ) : (
          <p className="faded">Drawn once its numbers hold.</p>
        )}
      </div>
      <span>Kept out of</span>
      <KeepOuts keepOuts={now.keepOuts} onChange={(keepOuts) => change({ keepOuts })} />
      <label htmlFor="hall-floor">Floor and shoes</label>
      <div className="group-row">
        <Select
          id="hall-floor"
          value={now.floor}
          options={FLOORS}
          onChange={(floor) => change({ floor: floor as Hall['floor'] })}
        />
        <Select
          aria-label="Shoes"
          value={now.shoes}
          options={SHOES}
          onChange={(shoes) => change({ shoes: shoes as Hall['shoes'] })}
        />
        <Checkbox checked={now.lowCeiling} onChange={({ target }) => change({ lowCeiling: target.checked })}>
          Low ceiling
        </Checkbox>
        <Checkbox checked={now.mirror} onChange={({ target }) => change({ mirror: target.checked })}>
          Mirror
        </Checkbox>
      </div>
      <span>Hall sheet</span>
      <div className="hall-sheet-fields">
        <p className="faded">
          On the back of the card, and one press away while you teach. No door or alarm codes here.
        </p>
        {SHEET_FIELDS.map(({ field, asks }) => (
          <div key={field} className="hall-sheet-field">
            <label className="faded" htmlFor={`sheet-${field}`}>
              {asks}
            </label>
            <Input
              id={`sheet-${field}`}
              maxLength={200}
              value={now.sheet[field]}
              onChange={({ target }) => change({ sheet: { ...now.sheet, [field]: target.value } })}
            />
          </div>
        ))}
      </div>
      <div className="group-form-acts">
        <Button type="primary" htmlType="submit">
          Save
        </Button>
        <Button onClick={onCancel}>Cancel</Button>
      </div>
    </form>
  );
}
