import { BulbOutlined, CaretRightOutlined, ColumnWidthOutlined, RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button, DatePicker, Input, InputNumber, Select, TimePicker, Tooltip } from 'antd';
import dayjs from 'dayjs';
import { lazy, Suspense, useState } from 'react';
import { useNavigate } from 'react-router';
import { ActionCreators } from 'redux-undo';
import type { Timeline } from '../../../core/session/segment';
import type { Session } from '../../../core/session/session';
import { api } from '../../app/api';
import type { Repertoire } from '../../app/repertoire';
import { useAppDispatch, useAppSelector } from '../../app/store';
import { Editions } from './compose/Editions';
import { headed } from './draft';
import { PaperMenu } from './PaperMenu';
import { SaveState } from './SaveState';
import type { AskedOf } from './useAsked';
import './classHead.css';

const FitDrawer = lazy(async () => ({ default: (await import('./compose/FitDrawer')).FitDrawer }));
const ProposeDrawer = lazy(async () => ({ default: (await import('./compose/ProposeDrawer')).ProposeDrawer }));

interface Props {
  readonly session: Session;
  readonly repertoire: Repertoire;
  readonly askedOf: AskedOf;
  readonly timeline: Timeline;
}

/** Who, when, how long and how the class breathes, each changed in place. */
export function ClassHead({ session, repertoire, askedOf, timeline }: Props) {
  const [open, setOpen] = useState<'fit' | 'propose' | null>(null);
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { data: groups } = api.useGroupsQuery();
  const canUndo = useAppSelector(({ draft }) => draft.book.past.length > 0);
  const canRedo = useAppSelector(({ draft }) => draft.book.future.length > 0);
  const change = (heading: Parameters<typeof headed>[0]) => dispatch(headed(heading));

  return (
    <header className="class-head">
      <div className="class-head-row">
        <Input
          className="class-title name"
          variant="borderless"
          value={session.title}
          maxLength={120}
          status={session.title.trim() === '' ? 'error' : ''}
          onChange={({ target }) => change({ title: target.value })}
          aria-label="Name of the class"
        />
        <SaveState />
        <Tooltip title="Undo (Ctrl+Z)">
          <Button
            type="text"
            icon={<UndoOutlined />}
            aria-label="Undo"
            disabled={!canUndo}
            onClick={() => dispatch(ActionCreators.undo())}
          />
        </Tooltip>
        <Tooltip title="Redo (Ctrl+Shift+Z)">
          <Button
            type="text"
            icon={<RedoOutlined />}
            aria-label="Redo"
            disabled={!canRedo}
            onClick={() => dispatch(ActionCreators.redo())}
          />
        </Tooltip>
        <Button icon={<BulbOutlined />} onClick={() => setOpen('propose')}>
          Propose
        </Button>
        <Button icon={<ColumnWidthOutlined />} onClick={() => setOpen('fit')}>
          Fit
        </Button>
        <PaperMenu session={session} timeline={timeline} repertoire={repertoire} askedOf={askedOf} />
        <Button type="primary" icon={<CaretRightOutlined />} onClick={() => navigate(`/teach/${session.id}`)}>
          Teach
        </Button>
      </div>
      <div className="class-head-row class-head-when">
        <Select
          variant="borderless"
          value={session.groupId ?? ''}
          onChange={(groupId) => change({ groupId: groupId === '' ? null : groupId })}
          options={[
            { value: '', label: 'No group yet' },
            ...(groups ?? []).map(({ id, name }) => ({ value: id, label: name })),
          ]}
          popupMatchSelectWidth={false}
          aria-label="Group"
        />
        <DatePicker
          variant="borderless"
          value={session.date ? dayjs(session.date) : null}
          format="ddd D MMM YYYY"
          placeholder="No day yet"
          onChange={(day) => change({ date: day ? day.format('YYYY-MM-DD') : null })}
          aria-label="Day"
        />
        <TimePicker
          variant="borderless"
          value={dayjs(`2000-01-01T${session.startsAt}`)}
          format="HH:mm"
          minuteStep={5}
          needConfirm={false}
          allowClear={false}
          onChange={(time) => time && change({ startsAt: time.format('HH:mm') })}
          aria-label="Starts at"
        />
        <span className="class-slot">
          Slot
          <InputNumber
            value={session.slotMinutes}
            min={5}
            max={240}
            precision={0}
            onChange={(slotMinutes) => slotMinutes !== null && change({ slotMinutes })}
            aria-label="Slot in minutes"
          />
          min
        </span>
        <fieldset className="class-ratio">
          <legend>Breath in : out</legend>
          <InputNumber
            value={session.breath.in}
            min={1}
            max={10}
            step={0.5}
            controls={false}
            onChange={(value) => value !== null && change({ breath: { ...session.breath, in: value } })}
            aria-label="In part of a breath"
          />
          :
          <InputNumber
            value={session.breath.out}
            min={1}
            max={10}
            step={0.5}
            controls={false}
            onChange={(value) => value !== null && change({ breath: { ...session.breath, out: value } })}
            aria-label="Out part of a breath"
          />
        </fieldset>
        <Editions session={session} />
      </div>
      <Suspense>
        {open === 'fit' && (
          <FitDrawer session={session} repertoire={repertoire} askedOf={askedOf} onClose={() => setOpen(null)} />
        )}
        {open === 'propose' && (
          <ProposeDrawer session={session} repertoire={repertoire} askedOf={askedOf} onClose={() => setOpen(null)} />
        )}
      </Suspense>
    </header>
  );
}
