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
import { memo, useCallback, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Session } from '../../../../../core/session/plan/session';
import type { Timeline } from '../../../../../core/session/timeline/segment';
import { lazyPart } from '../../../../app/shell/lazyPart';
import { useAppDispatch } from '../../../../app/store';
import type { AskedNow } from '../../../../class/useAsked';
import { selectDraft, useDeskSelector } from '../../draft/draftStore';
import { type Drawer, drawerOpened } from '../../draft/hand';
import { StepWords } from '../../draft/undo/StepWords';
import { useUndo } from '../../draft/undo/useUndo';
import { useEdits } from '../../draft/useEdits';
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
  readonly askedOf: AskedNow;
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
  const edit = useEdits();
  /** Without a name while another is typed; the class keeps the one it had. */
  const [isBlank, setIsBlank] = useState(false);
  const write = (title: string) => {
    setIsBlank(title.trim() === '');
    if (title.trim() !== '') edit([{ kind: 'head', to: { title } }]);
  };
  return (
    <Input
      className="class-title name"
      variant="borderless"
      value={isBlank ? '' : value}
      maxLength={120}
      status={isBlank ? 'error' : ''}
      placeholder={value}
      onChange={({ target }) => write(target.value)}
      onBlur={() => setIsBlank(false)}
      aria-label="Name of the class"
    />
  );
});

const UndoButtons = memo(function UndoButtons() {
  const { undo, redo } = useUndo();
  const canUndo = useDeskSelector((state) => (selectDraft(state)?.history.past.length ?? 0) > 0);
  const canRedo = useDeskSelector((state) => (selectDraft(state)?.history.future.length ?? 0) > 0);
  return (
    <>
      <Tooltip title={<StepWords of="undo" keys="Ctrl+Z" />}>
        <Button type="text" icon={<UndoOutlined />} aria-label="Undo" disabled={!canUndo} onClick={undo} />
      </Tooltip>
      <Tooltip title={<StepWords of="redo" keys="Ctrl+Shift+Z" />}>
        <Button type="text" icon={<RedoOutlined />} aria-label="Redo" disabled={!canRedo} onClick={redo} />
      </Tooltip>
    </>
  );
});
