import { createSelector } from '@reduxjs/toolkit';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { abandonedDrafts, type FoundDraft } from '../../../class/kept/keptDraft';
import type { SaveState } from '../draft/draft';
import { type DeskState, useDeskSelector } from '../draft/draftStore';
import { saveWords } from '../draft/saveWords';

interface Unsaved {
  readonly id: string;
  readonly title: string;
  readonly saveState: SaveState;
}

/** The classes that this page is still saving, or could not save. */
const selectUnsaved = createSelector(
  ({ draft }: DeskState) => draft.classes,
  (classes): readonly Unsaved[] =>
    Object.entries(classes).flatMap(([id, { history, saveState }]) =>
      saveState.kind === 'saved' ? [] : [{ id, title: history.present.title, saveState }],
    ),
);

/** Classes with changes that the server does not have: on their way, refused, or left by a window that was closed. */
export function UnsavedClasses() {
  const unsaved = useDeskSelector(selectUnsaved);
  const [left, setLeft] = useState<readonly FoundDraft[]>([]);
  useEffect(() => {
    let isGone = false;
    void abandonedDrafts().then((found) => {
      if (!isGone) setLeft(found);
    });
    return () => {
      isGone = true;
    };
  }, []);
  const others = new Map(left.map(({ session }) => [session.id, session.title]));
  for (const { id } of unsaved) others.delete(id);
  if (unsaved.length === 0 && others.size === 0) return null;
  return (
    <section className="sessions-unsaved" aria-label="Not saved yet">
      <h2>Not saved yet</h2>
      <ul>
        {unsaved.map(({ id, title, saveState }) => (
          <li key={id}>
            <Link to={`/sessions/${id}`} className="name">
              {title}
            </Link>{' '}
            {saveWords(saveState)}
          </li>
        ))}
        {[...others].map(([id, title]) => (
          <li key={id}>
            <Link to={`/sessions/${id}`} className="name">
              {title}
            </Link>{' '}
            Changes are kept on this machine. Open the class to save them.
          </li>
        ))}
      </ul>
    </section>
  );
}
