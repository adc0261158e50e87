import { Button, Input, InputNumber, Popover, Select } from 'antd';
import { memo } from 'react';
import type { Block } from '../../../../core/session/plan/block';
import { blockWords } from '../../../../core/session/report/blockWords';
import { minutes } from '../../../../core/words/clockWords';
import { useEdits } from '../draft/useEdits';
import { PassageOrigin } from '../passages/PassageOrigin';
import './blocks.css';

interface Props {
  readonly block: Block;
  /** How long it lasts with all its rounds. */
  readonly lengthMs: number;
}

/** What stands above the lines of a block: what it does, how long it lasts, and everything that can be changed of it. */
export const BlockHead = memo(function BlockHead({ block, lengthMs }: Props) {
  const words = blockWords(block);
  return (
    <li className={`block-head${block.within === null ? '' : ' block-head--inner'}`} data-block={block.id}>
      <Popover content={<BlockForm block={block} />} trigger="click" placement="bottomLeft" title="Done together">
        <Button type="text" size="small" className="block-words" title="Change it">
          {block.name !== '' && <strong>{block.name}</strong>}
          {words}
        </Button>
      </Popover>
      {block.origin && <PassageOrigin block={block} origin={block.origin} />}
      <span className="number block-minutes">{minutes(lengthMs)}</span>
    </li>
  );
});

const CHAINS = [
  { value: '', label: 'Each line takes its own sides' },
  { value: 'left', label: 'All on the left, then all on the right' },
  { value: 'right', label: 'All on the right, then all on the left' },
  { value: 'one-way', label: 'One way, as it is taught' },
];

/** How a block takes its sides, from what was chosen. */
const sidesFrom = (value: string): Pick<Block, 'chain' | 'oneWay'> => ({
  chain: value === 'left' || value === 'right' ? value : null,
  oneWay: value === 'one-way',
});

function BlockForm({ block }: { readonly block: Block }) {
  const edit = useEdits();
  const change = (to: Partial<Omit<Block, 'id'>>) => edit([{ kind: 'block', blockId: block.id, to }]);
  return (
    <div className="block-form">
      <span>Name</span>
      <Input
        value={block.name}
        maxLength={80}
        placeholder="none"
        aria-label="Name of the block"
        onChange={({ target }) => change({ name: target.value })}
      />
      <span>Rounds</span>
      <InputNumber
        value={block.rounds}
        min={1}
        max={20}
        precision={0}
        aria-label="Rounds of the block"
        onChange={(rounds) => rounds !== null && change({ rounds })}
      />
      <span>Rest between</span>
      <InputNumber
        value={block.roundRest}
        min={0}
        max={600}
        step={5}
        suffix="s"
        aria-label="Rest between rounds of the block in seconds"
        onChange={(roundRest) => roundRest !== null && change({ roundRest })}
      />
      <span>Lower each round</span>
      <InputNumber
        value={block.lower}
        min={-20}
        max={20}
        suffix="°"
        aria-label="Degrees of knee bend lower each round"
        onChange={(lower) => lower !== null && change({ lower })}
      />
      <span>Sides</span>
      <Select
        value={block.oneWay ? 'one-way' : (block.chain ?? '')}
        options={CHAINS}
        aria-label="How the block takes its sides"
        onChange={(value) => change(sidesFrom(value))}
      />
      <Button className="block-apart" size="small" onClick={() => edit([{ kind: 'ungroup', blockId: block.id }])}>
        Take the block apart
      </Button>
    </div>
  );
}
