import { Segmented } from 'antd';
import type { View } from './view';

const WORDS: Readonly<Record<View, string>> = {
  front: 'Front',
  'three-quarter': 'Aslant',
  side: 'Side',
  back: 'Behind',
  top: 'Above',
};

interface Props {
  readonly view: View;
  readonly onView: (view: View) => void;
}

/** From where a figure is looked at. */
export const ViewChoice = ({ view, onView }: Props) => (
  <Segmented<View>
    size="small"
    value={view}
    options={(Object.keys(WORDS) as View[]).map((value) => ({ value, label: WORDS[value] }))}
    onChange={onView}
    aria-label="Seen from"
  />
);
