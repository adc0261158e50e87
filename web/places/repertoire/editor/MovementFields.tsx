import { Input, InputNumber, Segmented, Select, Switch } from 'antd';
import { Caution } from '../../../../core/movement/schema/caution';
import { CountUnit } from '../../../../core/movement/schema/count';
import type { Sides } from '../../../../core/movement/schema/laterality';
import { type Movement, Role, Tradition } from '../../../../core/movement/schema/movement';
import { sectionWord } from '../../../../core/words/sectionWord';
import { spaced } from '../../../../core/words/spaced';
import { useAppDispatch } from '../../../app/store';
import { traditionWord } from '../movement/traditionWord';
import { described } from './movementDraft';

const SIDES_OPTIONS: { value: string; label: string }[] = [
  { value: 'even', label: 'Both sides alike' },
  { value: 'each-side', label: 'Each side in turn' },
  { value: 'alternating', label: 'Left, right, left' },
  { value: 'there-and-back', label: 'There and back' },
];

const sidesKey = (sides: Sides): string =>
  sides.kind === 'alternating' && sides.repetition === 'there-and-back' ? 'there-and-back' : sides.kind;

function sidesFrom(key: string): Sides {
  switch (key) {
    case 'each-side':
      return { kind: 'each-side', first: 'left' };
    case 'alternating':
      return { kind: 'alternating', first: 'left', repetition: 'one-side' };
    case 'there-and-back':
      return { kind: 'alternating', first: 'left', repetition: 'there-and-back' };
    default:
      return { kind: 'even' };
  }
}

const listed = (text: string): string[] =>
  text
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);

/** What is known of a movement besides its phases: names, where it belongs, sides, count, what to mind. */
export function MovementFields({ movement }: { readonly movement: Movement }) {
  const dispatch = useAppDispatch();
  const change = (part: Partial<Movement>) => dispatch(described(part));
  const { names, count, laterality } = movement;
  const counted = (part: Partial<Movement['count']>) => change({ count: { ...count, ...part } });
  return (
    <div className="editor-about">
      <Input
        className="editor-name"
        value={names.english[0] ?? ''}
        placeholder="Its name"
        maxLength={80}
        onChange={({ target }) => change({ names: { ...names, english: [target.value, ...names.english.slice(1)] } })}
        aria-label="Name"
      />
      <div className="editor-names">
        <Input
          value={names.english.slice(1).join(', ')}
          placeholder="Other names"
          onChange={({ target }) =>
            change({
              names: { ...names, english: [names.english[0] ?? '', ...target.value.split(', ').filter(Boolean)] },
            })
          }
          aria-label="Other names, parted by commas"
        />
        <Input
          value={names.pinyin.join(', ')}
          placeholder="pīn yīn"
          onChange={({ target }) => change({ names: { ...names, pinyin: listed(target.value) } })}
          aria-label="Pinyin"
        />
        <Input
          value={names.chinese.join(', ')}
          placeholder="中文"
          onChange={({ target }) => change({ names: { ...names, chinese: listed(target.value) } })}
          aria-label="Chinese"
        />
      </div>
      <Input.TextArea
        value={movement.about}
        placeholder="What it is and how it feels, in a sentence or two"
        autoSize={{ minRows: 1, maxRows: 4 }}
        maxLength={400}
        onChange={({ target }) => change({ about: target.value })}
        aria-label="About it"
      />
      <div className="editor-row">
        <Select
          value={movement.tradition}
          options={Tradition.options.map((value) => ({ value, label: traditionWord(value) }))}
          onChange={(tradition: Tradition) => change({ tradition })}
          aria-label="Tradition"
        />
        <Select
          mode="multiple"
          value={movement.roles}
          options={Role.options.map((value) => ({ value, label: sectionWord(value) }))}
          onChange={(roles: Role[]) => change({ roles })}
          aria-label="Where in a class"
          maxTagCount="responsive"
        />
        <Select
          value={sidesKey(laterality.sides)}
          options={SIDES_OPTIONS}
          onChange={(key: string) => change({ laterality: { ...laterality, sides: sidesFrom(key) } })}
          aria-label="Sides"
        />
        <Select
          mode="multiple"
          value={movement.cautions}
          options={Caution.options.map((value) => ({ value, label: spaced(value) }))}
          onChange={(cautions: Caution[]) => change({ cautions })}
          aria-label="Cautions"
          placeholder="Cautions"
          maxTagCount="responsive"
        />
        <Segmented
          value={movement.level}
          options={[1, 2, 3]}
          onChange={(level) => change({ level })}
          aria-label="Level"
        />
        <span className="editor-seated">
          <Switch
            size="small"
            checked={movement.seated}
            onChange={(seated) => change({ seated })}
            aria-label="Can be done seated too"
          />{' '}
          seated too
        </span>
      </div>
      <div className="editor-row">
        <InputNumber
          prefix="usually"
          value={count.usual}
          min={1}
          onChange={(usual) => usual && counted({ usual })}
          aria-label="Usual count"
        />
        <Select
          value={count.unit}
          options={CountUnit.options.map((value) => ({ value, label: value }))}
          onChange={(unit: CountUnit) => counted({ unit })}
          aria-label="Counted in"
        />
        <InputNumber
          prefix="from"
          value={count.least}
          min={1}
          onChange={(least) => least && counted({ least })}
          aria-label="Least"
        />
        <InputNumber
          prefix="to"
          value={count.most}
          min={1}
          onChange={(most) => most && counted({ most })}
          aria-label="Most"
        />
        <InputNumber
          prefix="by"
          value={count.step}
          min={1}
          onChange={(step) => step && counted({ step })}
          aria-label="Step"
        />
      </div>
    </div>
  );
}
