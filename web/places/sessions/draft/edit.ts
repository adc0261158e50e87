import type { PayloadAction } from '@reduxjs/toolkit';
import type { Session } from '../../../../core/session/plan/session';

/** The class on the desk; null while there is none. */
export type Open = Session | null;

/** A change of the open class; where none is open nothing is changed. */
export const edit =
  <Payload>(change: (session: Session, payload: Payload) => Session) =>
  (session: Open, { payload }: PayloadAction<Payload>): Open =>
    session && change(session, payload);
