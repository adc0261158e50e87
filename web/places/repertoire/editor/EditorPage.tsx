import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Alert, App, Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { standIn } from '../../../../core/body/standing/stand';
import { postureWords } from '../../../../core/body/written/postureWords';
import { emptyMovement, idFromName, type PhasePlace } from '../../../../core/movement/edit/editMovement';
import { Movement, usualName } from '../../../../core/movement/schema/movement';
import { baseId } from '../../../../core/movement/schema/version';
import { writtenSide } from '../../../../core/movement/walk/cycleFor';
import { walkMovement } from '../../../../core/movement/walk/walkMovement';
import { checkMovement } from '../../../../core/traits/checkMovement';
import { movementTraits } from '../../../../core/traits/movementTraits';
import { useRepertoire } from '../../../app/repertoire';
import { api } from '../../../app/server/api';
import { Notice, Waiting } from '../../../app/shell/Notice';
import { useAppDispatch } from '../../../app/store';
import { DemandBars } from '../../../drawing/DemandBars';
import { ViewChoice } from '../../../drawing/figure/ViewChoice';
import type { View } from '../../../drawing/figure/view';
import { EditorFigure } from './EditorFigure';
import { EditorStrip } from './EditorStrip';
import { keptMovements } from './keptMovement';
import { MovementFields } from './MovementFields';
import {
  described,
  draftRedone,
  draftUndone,
  movementOpened,
  phaseChanged,
  postureChanged,
  startChanged,
} from './movementDraft';
import { useEditorSelector } from './movementDraftStore';
import { PhaseFields } from './PhaseFields';
import { SayingFields, withoutEmptyRows } from './SayingFields';
import './editor.css';

/** A movement built phase by phase: a new one, a copy, or the next version of one that is known. */
export function EditorPage() {
  const { id = null } = useParams();
  const [search] = useSearchParams();
  const repertoire = useRepertoire();
  const navigate = useNavigate();
  const from = id ?? search.get('from');
  const known = from === null ? null : repertoire.find(from);
  if (known === undefined) {
    return (
      <Notice action={{ label: 'To the repertoire', onPress: () => navigate('/repertoire') }}>
        There is no movement of that name.
      </Notice>
    );
  }
  return <Editor key={`${id} ${from}`} known={known} isCopy={id === null} newName={search.get('name') ?? ''} />;
}

interface EditorProps {
  /** What is changed or copied; null for a new movement. */
  readonly known: Movement | null;
  readonly isCopy: boolean;
  /** What a new movement is called to begin with. */
  readonly newName: string;
}

/** What a new movement or a copy begins as. */
function begun(known: Movement | null, isCopy: boolean, name: string): Movement {
  if (known === null) {
    const empty = emptyMovement();
    return { ...empty, names: { ...empty.names, english: [name.slice(0, 80)] } };
  }
  if (!isCopy) return known;
  const { names } = known;
  return { ...known, names: { ...names, english: [`${names.english[0]}, my way`, ...names.english.slice(1)] } };
}

function Editor({ known, isCopy, newName }: EditorProps) {
  const repertoire = useRepertoire();
  const dispatch = useAppDispatch();
  const navigate = useNavigate();
  const { message } = App.useApp();
  const [save, { isLoading }] = api.useSaveMovementMutation();
  const [view, setView] = useState<View>('three-quarter');
  const [inHand, setInHand] = useState<PhasePlace | null>(null);
  const [pickedUp, setPickedUp] = useState(false);
  const shelf = `${isCopy ? 'new' : 'next'}.${known?.id ?? newName}`;
  // What lies on the bench from before is another movement: it is neither shown here nor kept as this one's.
  const [opened, setOpened] = useState<string | null>(null);
  const onBench = useEditorSelector(({ movementDraft }) => movementDraft.present);
  const movement = opened === shelf ? onBench : null;
  const canUndo = useEditorSelector(({ movementDraft }) => movementDraft.past.length > 0);
  const canRedo = useEditorSelector(({ movementDraft }) => movementDraft.future.length > 0);

  useEffect(() => {
    const left = keptMovements.find(shelf);
    setPickedUp(left !== null);
    dispatch(movementOpened(left ?? begun(known, isCopy, newName)));
    setOpened(shelf);
  }, [dispatch, known, isCopy, newName, shelf]);
  useEffect(() => {
    if (movement && canUndo) keptMovements.keep(shelf, movement);
  }, [movement, canUndo, shelf]);
  useHotkeys('mod+z', () => void dispatch(draftUndone()), { enableOnFormTags: true, preventDefault: true });
  useHotkeys(['mod+shift+z', 'mod+y'], () => void dispatch(draftRedone()), {
    enableOnFormTags: true,
    preventDefault: true,
  });

  const side = movement && writtenSide(movement);
  const walked = useMemo(() => (movement ? walkMovement(movement, { side }) : []), [movement, side]);
  const notes = useMemo(
    () => (movement && movement.parts.cycle.length > 0 ? checkMovement({ ...movement, variants: [] }) : []),
    [movement],
  );
  const traits = useMemo(
    () => (movement && movement.parts.cycle.length > 0 ? movementTraits(movement) : null),
    [movement],
  );
  if (!movement) return <Waiting />;

  const stride = inHand && walked.find(({ part, phase }) => part === inHand.part && phase === inHand.index)?.stride;
  const startPose = standIn(movement.start);
  const pose = stride?.to ?? startPose;
  const posture = stride?.posture ?? movement.start;
  const name = usualName(movement).trim();
  const id = isCopy ? idFromName(name) : movement.id;
  const taken = isCopy && repertoire.newest(id) !== undefined;
  const parsed = Movement.safeParse({ ...withoutEmptyRows(movement), id: id || 'x' });
  const missing = [
    ...(name === '' ? ['It needs a name.'] : []),
    ...(taken ? ['There is already a movement of that name.'] : []),
    ...(movement.parts.cycle.length === 0 ? ['It needs at least one phase.'] : []),
    ...(movement.about.trim().length < 10 ? ['It needs a sentence about it.'] : []),
    ...(parsed.success
      ? []
      : parsed.error.issues
          .filter(
            ({ path }) => !['names', 'about'].includes(String(path[0])) && (path[0] !== 'parts' || path.length > 2),
          )
          .map(({ path, message: what }) => `${path.join(', ')}: ${what}`)),
  ];
  const wrong = notes.filter(({ severity }) => severity !== 'notice');

  const change = (to: Parameters<typeof startChanged>[0]) =>
    inHand ? dispatch(postureChanged({ at: inHand, to })) : dispatch(startChanged(to));

  const write = async () => {
    if (!parsed.success || missing.length > 0) return;
    const basedOn = isCopy ? null : (known?.id ?? null);
    const answer = await save({ movement: { ...parsed.data, id: baseId(id) }, basedOn });
    if (answer.data) {
      keptMovements.forget(shelf);
      void message.success(
        basedOn === null ? 'Written into the repertoire.' : 'Written as a new version. Classes keep the one they have.',
      );
      navigate(`/repertoire/${answer.data.id}`);
      return;
    }
    const status = answer.error && 'status' in answer.error ? answer.error.status : null;
    void message.error(
      status === 409
        ? 'It was changed elsewhere since you opened it. What you wrote is kept here; make a copy of it under another name.'
        : 'It could not be written. What you wrote is kept here; try again.',
    );
  };

  return (
    <div className="place editor">
      <header className="editor-head">
        <MovementFields movement={movement} />
        <div className="editor-keys">
          <Button
            type="text"
            icon={<UndoOutlined />}
            disabled={!canUndo}
            aria-label="Undo"
            onClick={() => dispatch(draftUndone())}
          />
          <Button
            type="text"
            icon={<RedoOutlined />}
            disabled={!canRedo}
            aria-label="Do again"
            onClick={() => dispatch(draftRedone())}
          />
          <Button
            onClick={() => {
              keptMovements.forget(shelf);
              navigate(-1);
            }}
          >
            Leave it
          </Button>
          <Button type="primary" loading={isLoading} disabled={missing.length > 0} onClick={() => void write()}>
            Write it
          </Button>
        </div>
      </header>
      {pickedUp && canUndo === false && (
        <Alert
          type="info"
          showIcon
          title="Picked up where you left it."
          action={
            <Button
              size="small"
              onClick={() => {
                keptMovements.forget(shelf);
                setPickedUp(false);
                dispatch(movementOpened(begun(known, isCopy, newName)));
              }}
            >
              Begin afresh
            </Button>
          }
        />
      )}
      {missing.length > 0 && <p className="editor-missing faded">{missing.join(' ')}</p>}

      <EditorStrip
        strides={walked}
        start={{ pose: startPose, label: postureWords(movement.start) }}
        inHand={inHand}
        onTake={setInHand}
        wrong={new Set(wrong.map(({ part, phase }) => `${part} ${phase}`))}
      />

      <div className="editor-bench">
        <section aria-label="The posture" className="editor-stage">
          <EditorFigure
            pose={pose}
            view={view}
            onHand={(hand, at) => change({ hands: { [hand]: { at, rests: null } } })}
          />
          <ViewChoice view={view} onView={setView} />
        </section>
        <section aria-label={inHand ? 'The phase in hand' : 'Where it begins'}>
          <h2>{stride ? stride.phase.call : 'Where it begins'}</h2>
          <PhaseFields
            key={inHand ? `${inHand.part}-${inHand.index}` : 'start'}
            phase={stride?.phase ?? null}
            posture={posture}
            pose={pose}
            onPhase={(part) => inHand && dispatch(phaseChanged({ at: inHand, change: part }))}
            onPosture={change}
          />
        </section>
        <section aria-label="What it says to that" aria-live="polite">
          <h2>Footwork and reach</h2>
          {notes.length === 0 ? (
            <p className="editor-sound">
              {movement.parts.cycle.length === 0 ? 'Nothing to judge yet.' : 'Nothing to object to.'}
            </p>
          ) : (
            <ul className="editor-notes">
              {notes.map(({ severity, part, phase, caution, message: what }) => (
                <li key={`${part} ${phase} ${what}`} className={`editor-note--${severity}`}>
                  {part && phase !== null && (
                    <button type="button" className="bare" onClick={() => setInHand({ part, index: phase })}>
                      {movement.parts[part]?.[phase]?.call}
                    </button>
                  )}{' '}
                  {what}
                  {caution && (
                    <>
                      {' '}
                      <Button
                        size="small"
                        onClick={() => dispatch(described({ cautions: [...movement.cautions, caution] }))}
                      >
                        Add it
                      </Button>
                    </>
                  )}
                </li>
              ))}
            </ul>
          )}
          {traits && (
            <>
              <h2>What it asks</h2>
              <DemandBars regions={traits.regions} />
            </>
          )}
        </section>
      </div>
      <SayingFields movement={movement} />
    </div>
  );
}
