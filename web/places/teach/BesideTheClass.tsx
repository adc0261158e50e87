import { markPresent, unwelcomeNewcomer, welcomeNewcomer } from '../../../core/record/running/comers';
import { goOnFromStop } from '../../../core/record/running/marks';
import { titleOf } from '../../../core/record/running/shownNow';
import type { Teaching } from '../../../core/record/standing/teaching';
import type { Session } from '../../../core/session/plan/session';
import { useRepertoire } from '../../app/repertoire';
import { StopPageButton } from '../../class/StopPageButton';
import type { Act } from '../../teaching/running/useTeaching';
import { HallSheetShown } from './beside/HallSheetShown';
import { WhoIsHere } from './beside/WhoIsHere';
import { MoreControls } from './MoreControls';
import type { useComers } from './running/useComers';

/** What is laid beside the class while it goes on. */
export type BesideOpen = 'who' | 'sheet' | 'more' | null;

interface Props {
  readonly open: BesideOpen;
  readonly session: Session;
  readonly teaching: Teaching;
  readonly startedAt: string;
  readonly comers: ReturnType<typeof useComers>;
  readonly act: (act: Act) => void;
  readonly onClose: () => void;
  readonly more: Omit<Parameters<typeof MoreControls>[0], 'onClose'>;
}

/** Who is here, the hall sheet, or what is one press behind. */
export function BesideTheClass({ open, session, teaching, startedAt, comers, act, onClose, more }: Props) {
  const repertoire = useRepertoire();
  const nameOf = (itemId: string) => titleOf(session, itemId, repertoire.find);
  switch (open) {
    case 'who':
      return (
        <WhoIsHere
          groupId={comers.groupId}
          teaching={teaching}
          onMark={(id) => act((now) => markPresent(now, id))}
          onNewcomer={() => act(welcomeNewcomer)}
          onNoNewcomer={() => act(unwelcomeNewcomer)}
          late={comers.late}
          lines={comers.lines}
          nameOf={nameOf}
          onClose={onClose}
        />
      );
    case 'sheet':
      return (
        <HallSheetShown
          hall={comers.hall}
          printing={
            <StopPageButton
              session={session}
              startedAt={startedAt}
              stops={teaching.stops}
              titleOf={nameOf}
              className="teach-press"
            />
          }
          onClose={onClose}
          onNothing={() => {
            act(goOnFromStop);
            onClose();
          }}
        />
      );
    case 'more':
      return <MoreControls {...more} onClose={onClose} />;
    case null:
      return null;
  }
}
