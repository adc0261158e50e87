import {
  BorderOuterOutlined,
  BulbOutlined,
  CaretRightOutlined,
  ColumnWidthOutlined,
  RedoOutlined,
  TeamOutlined,
  UndoOutlined,
} from '@ant-design/icons';
import { Button, Input, Tooltip } from 'antd';
import { memo, useCallback } from 'react';
import { useNavigate } from 'react-router';
import { ActionCreators } from 'redux-undo';
import type { Session } from '../../../../../core/session/plan/session';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { lazyPart } from '../../../../app/shell/lazyPart';
import { useAppDispatch } from '../../../../app/store';
import type { AskedOf } from '../../../../class/useAsked';
import { headChanged } from '../../draft/draft';
import { useDeskSelector } from '../../draft/draftStore';
import { type Drawer, drawerOpened } from '../../draft/hand';
import { Editions } from '../compose/Editions';
import { ClassWhen } from './ClassWhen';
import { PaperMenu } from './PaperMenu';
import { SaveState } from './SaveState';
import './classHead.css';

const FitDrawer = lazyPart(async () => (await import('../compose/FitDrawer')).FitDrawer, { what: 'Fitting' });
const ProposeDrawer = lazyPart(async () => (await import('../compose/ProposeDrawer')).ProposeDrawer, {
  what: 'Proposing',
});

const NeedsDrawer = lazyPart(async () => (await import('../who/NeedsDrawer')).NeedsDrawer, { what: 'Who needs what' });
const HallDrawer = lazyPart(async () => (await import('../who/HallDrawer')).HallDrawer, { what: 'The hall' });

interface Props {
  readonly session: Session;
  readonly askedOf: AskedOf;
  readonly timeline: Timeline;
}

/** The name of a class, what can be done with all of it, and who, when and how long it is for. */
export const ClassHead = memo(function ClassHead({ session, askedOf, timeline }: Props) {
  const dispatch = useAppDispatch();
  const open = useDeskSelector(({ hand }) => hand.drawer);
  const setOpen = useCallback((drawer: Drawer | null) => dispatch(drawerOpened(drawer)), [dispatch]);

  return (
    <header className="class-head">
      <div className="class-head-row">
        <Title value={session.title} />
        <SaveState />
        <UndoButtons />
        <Help onOpen={setOpen} />
        <PaperMenu session={session} timeline={timeline} askedOf={askedOf} />
        <Teach id={session.id} />
      </div>
      <div className="class-head-row class-head-when">
        <ClassWhen
          groupId={session.groupId}
          date={session.date}
          startsAt={session.startsAt}
          slotMinutes={session.slotMinutes}
          doors={session.doors}
          breath={session.breath}
          schools={session.schools}
        />
        <Editions session={session} />
        <Who onOpen={setOpen} />
      </div>
      {open === 'fit' && <FitDrawer session={session} askedOf={askedOf} onClose={() => setOpen(null)} />}
      {open === 'needs' && <NeedsDrawer session={session} askedOf={askedOf} onClose={() => setOpen(null)} />}
      {open === 'hall' && (
        <HallDrawer session={session} timeline={timeline} askedOf={askedOf} onClose={() => setOpen(null)} />
      )}
      {open !== null && open !== 'fit' && open !== 'needs' && open !== 'hall' && (
        <ProposeDrawer session={session} askedOf={askedOf} first={open} onClose={() => setOpen(null)} />
      )}
    </header>
  );
});

/** Who comes, and where they stand. */
const Who = memo(function Who({ onOpen }: { readonly onOpen: (drawer: Drawer) => void }) {
  return (
    <>
      <Button size="small" type="text" icon={<TeamOutlined />} onClick={() => onOpen('needs')}>
        Who needs what
      </Button>
      <Button size="small" type="text" icon={<BorderOuterOutlined />} onClick={() => onOpen('hall')}>
        In the hall
      </Button>
    </>
  );
});

/** What helps with the whole class. */
const Help = memo(function Help({ onOpen }: { readonly onOpen: (drawer: Drawer) => void }) {
  return (
    <>
      <Button icon={<BulbOutlined />} onClick={() => onOpen('propose')}>
        Propose
      </Button>
      <Button icon={<ColumnWidthOutlined />} onClick={() => onOpen('fit')}>
        Fit
      </Button>
    </>
  );
});

const Teach = memo(function Teach({ id }: { readonly id: string }) {
  const navigate = useNavigate();
  return (
    <Button type="primary" icon={<CaretRightOutlined />} onClick={() => navigate(`/teach/${id}`)}>
      Teach
    </Button>
  );
});

/** The name of the class, changed in place. */
const Title = memo(function Title({ value }: { readonly value: string }) {
  const dispatch = useAppDispatch();
  return (
    <Input
      className="class-title name"
      variant="borderless"
      value={value}
      maxLength={120}
      status={value.trim() === '' ? 'error' : ''}
      onChange={({ target }) => dispatch(headChanged({ title: target.value }))}
      aria-label="Name of the class"
    />
  );
});

const UndoButtons = memo(function UndoButtons() {
  const dispatch = useAppDispatch();
  const canUndo = useDeskSelector(({ draft }) => draft.book.past.length > 0);
  const canRedo = useDeskSelector(({ draft }) => draft.book.future.length > 0);
  return (
    <>
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
    </>
  );
});
