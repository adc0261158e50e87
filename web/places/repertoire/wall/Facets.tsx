import { Select } from 'antd';
import { Region } from '../../../../core/body/written/region';
import { Role, Tradition } from '../../../../core/movement/schema/movement';
import { sectionWord } from '../../../../core/words/sectionWord';
import { spaced } from '../../../../core/words/spaced';
import { traditionWord } from '../movement/traditionWord';
import { FACETS, type FacetName } from './facetOf';

interface Props {
  readonly wanted: URLSearchParams;
  readonly onWant: (name: FacetName, value: string) => void;
}

interface Choice {
  readonly all: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

const regions = (prefix: string) => Region.options.map((value) => ({ value, label: `${prefix} ${spaced(value)}` }));

const CHOICES: Readonly<Record<FacetName, Choice>> = {
  role: { all: 'Anywhere', options: Role.options.map((value) => ({ value, label: sectionWord(value) })) },
  prepares: { all: 'Prepares', options: regions('Prepares') },
  loads: { all: 'Works', options: regions('Works') },
  height: {
    all: 'Height',
    options: [
      { value: 'seated', label: 'Seated' },
      { value: 'high', label: 'High stance' },
      { value: 'middle', label: 'Middle stance' },
      { value: 'low', label: 'Low stance' },
    ],
  },
  space: {
    all: 'Room',
    options: [
      { value: 'in place', label: 'In place' },
      { value: 'an arm’s width', label: 'An arm’s width' },
      { value: 'walks', label: 'Walks' },
    ],
  },
  breath: {
    all: 'Breath',
    options: [
      { value: 'led', label: 'Breath is led' },
      { value: 'free', label: 'Breath is free' },
    ],
  },
  seated: { all: 'Seat', options: [{ value: 'yes', label: 'Can be done seated' }] },
  tradition: {
    all: 'Tradition',
    options: Tradition.options.map((value) => ({ value, label: traditionWord(value) })),
  },
  level: {
    all: 'Level',
    options: [
      { value: '1', label: 'From the first class' },
      { value: '2', label: 'With some practice' },
      { value: '3', label: 'For the seasoned' },
    ],
  },
};

/** What the wall is narrowed by. */
export const Facets = ({ wanted, onWant }: Props) => (
  <div className="facets">
    {FACETS.map((name) => {
      const { all, options } = CHOICES[name];
      return (
        <Select
          key={name}
          value={wanted.get(name) ?? ''}
          options={[{ value: '', label: all }, ...options]}
          onChange={(value: string) => onWant(name, value)}
          aria-label={all}
          popupMatchSelectWidth={false}
        />
      );
    })}
  </div>
);
