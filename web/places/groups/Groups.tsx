import { App, Button } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Group, USUAL_ASKED } from '../../../core/group/group';
import type { Hall } from '../../../core/hall/hall';
import { USUAL_SCHOOLS } from '../../../core/movement/adapt/schools';
import { USUAL_DOORS } from '../../../core/session/plan/slotTime';
import { freshId } from '../../app/machine/freshId';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';
import type { Save } from '../../app/server/saveOver';
import { useSaveOver } from '../../app/server/useSaveOver';
import { lazyPart } from '../../app/shell/lazyPart';
import { Notice, Waiting } from '../../app/shell/Notice';
import { Halls } from './halls/Halls';
import { meetingWords } from './meetingWords';
import './groups.css';

const FirstGroup = lazyPart(async () => (await import('./FirstGroup')).FirstGroup, { what: 'The first group' });

const HallForm = lazyPart(async () => (await import('./halls/HallForm')).HallForm, { what: 'The form of a hall' });

const GroupForm = lazyPart(async () => (await import('./GroupForm')).GroupForm, { what: 'The form of a group' });

const newGroup = (): Group => ({
  id: freshId('group'),
  name: '',
  place: '',
  meets: '',
  meetings: [{ weekday: 2, startsAt: '19:00', minutes: 60 }],
  about: '',
  asked: USUAL_ASKED,
  schools: USUAL_SCHOOLS,
  doors: USUAL_DOORS,
  takes: {},
  knows: [],
  hallId: null,
  papers: '',
});

/** Who is taught, where and when. Groups that are put away keep their classes and courses. */
export function Groups() {
  const { data: groups, isError, refetch } = api.useGroupsQuery();
  const { data: away = [] } = api.useGroupsPutAwayQuery();
  const [changeGroup] = api.useChangeGroupMutation();
  const [addGroup] = api.useAddGroupMutation();
  const [putAway] = api.usePutGroupAwayMutation();
  const [bringBack] = api.useBringGroupBackMutation();
  const { message } = App.useApp();
  const navigate = useNavigate();
  const [putHall] = api.usePutHallMutation();
  const saveGroup = useSaveOver((save: Save<Group>) => changeGroup(save).unwrap());
  const saveHall = useSaveOver((save: Save<Hall>) => putHall(save).unwrap());
  const [hall, setHall] = useState<{ hall: Hall; isNew: boolean } | null>(null);
  const [open, setOpen] = useState<{ group: Group; isNew: boolean } | null>(null);
  if (isError && !groups) {
    return (
      <Notice action={{ label: 'Try again', onPress: () => void refetch() }}>Vesperum’s server does not answer.</Notice>
    );
  }
  if (!groups) return <Waiting />;

  const save = async (group: Group) => {
    try {
      if (open?.isNew) await addGroup(group).unwrap();
      else await saveGroup({ thing: group, basedOn: open?.group ?? null });
      setOpen(null);
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  const putGroupAway = async (group: Group) => {
    try {
      await putAway(group.id).unwrap();
      message.success(
        <span>
          {group.name} is put away.{' '}
          <Button type="link" onClick={() => void bringBack(group.id)}>
            Bring back
          </Button>
        </span>,
        8,
      );
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  if (open) {
    return (
      <GroupForm
        key={open.group.id}
        group={open.group}
        title={open.isNew ? 'A new group' : open.group.name}
        onSave={(group) => void save(group)}
        onCancel={() => setOpen(null)}
      />
    );
  }
  if (hall) {
    const keepHall = async (kept: Hall) => {
      try {
        await saveHall({ thing: kept, basedOn: hall.isNew ? null : hall.hall });
        setHall(null);
      } catch (error) {
        message.error(whyRefused(error));
      }
    };
    return (
      <HallForm
        key={hall.hall.id}
        hall={hall.hall}
        title={hall.isNew ? 'A new hall' : hall.hall.name}
        onSave={(kept) => void keepHall(kept)}
        onCancel={() => setHall(null)}
      />
    );
  }
  if (groups.length === 0 && away.length === 0) {
    const makeFirst = async (group: Group) => {
      try {
        await addGroup(group).unwrap();
        navigate(`/groups/${group.id}/people`);
      } catch (error) {
        message.error(whyRefused(error));
      }
    };
    return (
      <FirstGroup
        group={newGroup()}
        onSave={(group) => void makeFirst(group)}
        onMore={() => setOpen({ group: newGroup(), isNew: true })}
      />
    );
  }
  return (
    <div className="place groups">
      <header>
        <h1>Groups</h1>
        <Button type="primary" onClick={() => setOpen({ group: newGroup(), isNew: true })}>
          Make a group
        </Button>
      </header>
      <ul className="groups-list">
        {groups.map((group) => (
          <li key={group.id}>
            <h2 className="name">{group.name}</h2>
            <p>{[group.place, meetingWords(group)].filter(Boolean).join('. ')}</p>
            <p className="faded">{group.about}</p>
            <div className="groups-acts">
              <Button onClick={() => navigate(`/groups/${group.id}/people`)} aria-label={`Who comes: ${group.name}`}>
                Who comes
              </Button>
              <Button onClick={() => setOpen({ group, isNew: false })} aria-label={`Change ${group.name}`}>
                Change
              </Button>
              <Button onClick={() => void putGroupAway(group)} aria-label={`Put away ${group.name}`}>
                Put away
              </Button>
            </div>
          </li>
        ))}
      </ul>
      <Halls onOpen={(one, isNew) => setHall({ hall: one, isNew })} />
      {away.length > 0 && (
        <section aria-label="Put away">
          <h2>Put away</h2>
          <ul className="groups-list groups-away">
            {away.map((group) => (
              <li key={group.id}>
                <span className="name">{group.name}</span>
                <Button onClick={() => void bringBack(group.id)} aria-label={`Bring back ${group.name}`}>
                  Bring back
                </Button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  );
}
