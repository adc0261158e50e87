import { App, Button } from 'antd';
import { useState } from 'react';
import { EMPTY_SHEET, type Hall } from '../../../../core/hall/hall';
import { freshId } from '../../../app/machine/freshId';
import { api } from '../../../app/server/api';
import { whyRefused } from '../../../app/server/problemIn';

const newHall = (): Hall => ({
  id: freshId('hall'),
  name: '',
  length: 12,
  breadth: 8,
  front: 'long',
  lowCeiling: false,
  floor: 'wood',
  shoes: 'soft',
  chairs: 10,
  wall: 6,
  mirror: false,
  keepOuts: [],
  sheet: EMPTY_SHEET,
  nights: [],
});

interface Props {
  readonly onOpen: (hall: Hall, isNew: boolean) => void;
}

/** The halls in which groups meet, under the groups. */
export function Halls({ onOpen }: Props) {
  const { data: halls = [] } = api.useHallsQuery();
  const { data: groups = [] } = api.useGroupsQuery();
  const [remove] = api.useDeleteHallMutation();
  const [put] = api.usePutHallMutation();
  const { message } = App.useApp();
  const [undoing, setUndoing] = useState(false);
  const takeAway = async (hall: Hall) => {
    try {
      await remove(hall.id).unwrap();
      message.success(
        <span>
          {hall.name} is taken away.{' '}
          <Button
            type="link"
            loading={undoing}
            onClick={() => {
              setUndoing(true);
              void put({ thing: hall, basedOn: null }).finally(() => setUndoing(false));
            }}
          >
            Bring back
          </Button>
        </span>,
        8,
      );
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <section aria-labelledby="halls-title">
      <h2 id="halls-title">Halls</h2>
      {halls.length === 0 && (
        <p>
          Four numbers and a front are enough: how many fit, who is foremost when the class turns, and where it meets
          the wall.
        </p>
      )}
      <ul className="groups-list">
        {halls.map((hall) => {
          const meeting = groups.filter(({ hallId }) => hallId === hall.id);
          return (
            <li key={hall.id}>
              <h3 className="name">{hall.name}</h3>
              <p className="faded">
                {hall.length} by {hall.breadth} m, {hall.chairs} chairs.{' '}
                {meeting.length > 0 && `${meeting.map(({ name }) => name).join(', ')}.`}
              </p>
              <div className="groups-acts">
                <Button onClick={() => onOpen(hall, false)} aria-label={`Change ${hall.name}`}>
                  Change
                </Button>
                <Button
                  disabled={meeting.length > 0}
                  title={meeting.length > 0 ? 'Groups meet here' : ''}
                  onClick={() => void takeAway(hall)}
                  aria-label={`Take away ${hall.name}`}
                >
                  Take away
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      <Button onClick={() => onOpen(newHall(), true)}>Write a hall down</Button>
    </section>
  );
}
