import type { Movement } from '../../../../core/movement/schema/movement';
import { notedTitle } from '../../../../core/session/plan/lineTitle';
import type { MovementItem, Session } from '../../../../core/session/plan/session';
import { classBegins } from '../../../../core/session/plan/slotTime';
import { amountSaid, countWords } from '../../../../core/session/report/countWords';
import { lineTimes } from '../../../../core/session/timeline/lineTimes';
import { clockAt, minutes } from '../../../../core/words/clockWords';
import { sectionWord } from '../../../../core/words/sectionWord';
import { useRepertoire } from '../../../app/repertoire';
import { SlotBar } from '../../../class/SlotBar';
import { useTimeline } from '../../../class/useTimeline';
import './order/runningOrder.css';
import './glance.css';

/** How many, and of what: "4 times each side". */
const saidOf = (item: MovementItem, movement: Movement | undefined): string =>
  [amountSaid(item), movement && countWords(movement, item).words].filter(Boolean).join(' ');

/** The class as it stands, to be read at once: what changes it is on its way. */
export function ClassAtGlance({ session }: { readonly session: Session }) {
  const timeline = useTimeline(session);
  const { find } = useRepertoire();
  const times = lineTimes(timeline);
  return (
    <div className="place session" aria-busy>
      <h1 className="glance-title">{session.title}</h1>
      <SlotBar session={session} timeline={timeline} />
      {/* The tide will stand here. */}
      <div className="glance-tide" />
      <div className="session-columns">
        <div className="order">
          {session.sections.map(
            ({ kind, items }) =>
              items.length > 0 && (
                <section key={kind} className="passage" aria-label={sectionWord(kind)}>
                  <header>
                    <h2>{sectionWord(kind)}</h2>
                  </header>
                  <ul>
                    {items.map((item) => {
                      const time = times.get(item.id);
                      return (
                        <li key={item.id} className="glance-line">
                          <span className="number">
                            {time ? clockAt(classBegins(session), time.startMs).slice(0, 5) : ''}
                          </span>
                          <span className="name">{notedTitle(item, find)}</span>
                          <span className="number">
                            {item.kind === 'movement' ? saidOf(item, find(item.movementId)) : ''}
                          </span>
                          <span className="number">{minutes(time?.lengthMs ?? 0)}</span>
                        </li>
                      );
                    })}
                  </ul>
                </section>
              ),
          )}
        </div>
      </div>
    </div>
  );
}
