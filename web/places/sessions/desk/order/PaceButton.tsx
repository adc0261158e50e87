import { Button, InputNumber, Popover, Select } from 'antd';
import { memo } from 'react';
import type { LedBy } from '../../../../../core/session/plan/line/ledBy';
import type { Pace } from '../../../../../core/timing/pace';
import { LED_WORDS } from '../../../../class/words/ledWords';
import { paceSaid } from '../../../../class/words/sectionWords';
import { useEdits } from '../../draft/useEdits';

interface Props {
  readonly index: number;
  readonly word: string;
  readonly pace: Pace;
  /** What leads it while it is taught. */
  readonly led: LedBy;
}

/** The breath pace of a section, opened to be changed. */
export const PaceButton = memo(function PaceButton({ index, word, pace, led }: Props) {
  const edit = useEdits();
  const field = (label: string, key: keyof Pace, min: number, max: number, step: number, unit: string) => (
    <div>
      {label}
      <InputNumber
        value={pace[key]}
        min={min}
        max={max}
        step={step}
        onChange={(value) =>
          value !== null && edit([{ kind: 'section', section: index, to: { pace: { ...pace, [key]: value } } }])
        }
        aria-label={`${word}: ${label.toLowerCase()}, ${unit}`}
      />
      <span className="faded">{unit}</span>
    </div>
  );
  const form = (
    <div className="pace-form">
      {field('From', 'from', 2, 30, 0.5, 'breaths a minute')}
      {field('To', 'to', 2, 30, 0.5, 'breaths a minute')}
      {field('Easing over', 'easing', 0, 7200, 30, 'seconds, then steady')}
      <div>
        Taught
        <Select<LedBy>
          value={led}
          options={LED_WORDS}
          onChange={(ledBy) => edit([{ kind: 'section', section: index, to: { ledBy } }])}
          aria-label={`${word}: what leads it`}
        />
      </div>
    </div>
  );
  return (
    <Popover content={form} trigger="click" placement="bottomRight" title={`How the ${word.toLowerCase()} breathes`}>
      <Button type="text" size="small" className="passage-pace number">
        {paceSaid(pace)}
        {led === 'clock' && ', by the clock'}
      </Button>
    </Popover>
  );
});
