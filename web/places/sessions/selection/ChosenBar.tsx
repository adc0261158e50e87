import { ArrowDownOutlined, ArrowUpOutlined } from '@ant-design/icons';
import { App, Button, Tooltip } from 'antd';
import { useState } from 'react';
import { sumBy } from 'remeda';
import { takeLines, whyNotTogether } from '../../../../core/session/edit/editLines';
import type { Block } from '../../../../core/session/plan/block';
import type { Session } from '../../../../core/session/plan/session';
import { lineTimes } from '../../../../core/session/timeline/lineTimes';
import type { Timeline } from '../../../../core/session/timeline/segment';
import { minutes } from '../../../../core/words/clockWords';
import { useEdits } from '../draft/useEdits';
import { carry } from '../passages/carriedLines';
import { KeepPassage } from '../passages/KeepPassage';
import { ForAll } from './ForAll';
import { useChoosing, useChosenIds } from './useChoosing';
import './chosen.css';

interface Props {
  readonly session: Session;
  readonly timeline: Timeline;
}

/** What can be done with the lines that are chosen, together. */
export function ChosenBar({ session, timeline }: Props) {
  const edit = useEdits();
  const { message } = App.useApp();
  const [isKeeping, setIsKeeping] = useState(false);
  const ids = useChosenIds();
  const { letGo } = useChoosing();
  if (ids.size === 0) return null;

  const list = [...ids];
  const apart = whyNotTogether(session, ids);
  const times = lineTimes(timeline);
  const lengthMs = sumBy(list, (id) => times.get(id)?.lengthMs ?? 0);
  const group = (more: Partial<Block>) => {
    edit([{ kind: 'together', itemIds: list, as: more }]);
    letGo();
  };
  const copy = () => {
    carry(session.title, takeLines(session, ids));
    void message.success(`${counted(ids.size)} carried. Every section of every class now offers to put them in.`);
    letGo();
  };
  const remove = () => {
    edit([{ kind: 'remove', itemIds: list }]);
    letGo();
  };

  return (
    <section className="chosen-bar" aria-label="Chosen lines">
      <p>
        {counted(ids.size)} chosen <span className="number faded">{minutes(lengthMs)}</span>
      </p>
      <Tooltip title={apart}>
        <Button size="small" disabled={apart !== null} onClick={() => group({ rounds: 2, roundRest: 20 })}>
          As rounds
        </Button>
      </Tooltip>
      <Tooltip title={apart}>
        <Button size="small" disabled={apart !== null} onClick={() => group({ chain: 'left' })}>
          As a chain
        </Button>
      </Tooltip>
      <ForAll session={session} ids={ids} />
      <Button
        size="small"
        icon={<ArrowUpOutlined />}
        aria-label="Move them up"
        onClick={() => edit([{ kind: 'shift', itemIds: list, direction: -1 }])}
      />
      <Button
        size="small"
        icon={<ArrowDownOutlined />}
        aria-label="Move them down"
        onClick={() => edit([{ kind: 'shift', itemIds: list, direction: 1 }])}
      />
      <Button size="small" onClick={copy}>
        Carry
      </Button>
      <Button size="small" onClick={() => setIsKeeping(true)}>
        Keep as a passage
      </Button>
      <Button size="small" danger onClick={remove}>
        Take out
      </Button>
      <Button size="small" type="text" onClick={letGo}>
        Let go
      </Button>
      {isKeeping && (
        <KeepPassage
          session={session}
          ids={ids}
          onDone={() => {
            setIsKeeping(false);
            letGo();
          }}
          onLeave={() => setIsKeeping(false)}
        />
      )}
    </section>
  );
}

const counted = (lines: number): string => (lines === 1 ? '1 line' : `${lines} lines`);
