import { Button } from 'antd';
import { Link } from 'react-router';
import { comesOn } from '../../../core/group/person';
import { api } from '../../app/server/api';
import { useTurnCame } from '../../class/people/useTurnCame';

interface Props {
  readonly logId: string;
  readonly groupId: string;
  /** The local day of the class. */
  readonly day: string;
}

/** Who was in a class, a tap each; nothing where nobody of its group is written down. */
export function WhoCame({ logId, groupId, day }: Props) {
  const { data } = api.usePeopleQuery(groupId);
  const turn = useTurnCame();
  const marked = data?.came.find((one) => one.logId === logId)?.people ?? [];
  const people = data?.people.filter((person) => comesOn(person, day) || marked.includes(person.id)) ?? [];
  if (people.length === 0) return null;
  return (
    <section className="who-came" aria-labelledby="who-came-title">
      <h2 id="who-came-title">Who came</h2>
      <div>
        {people.map(({ id, called }) => (
          <Button
            key={id}
            type={marked.includes(id) ? 'primary' : 'default'}
            aria-pressed={marked.includes(id)}
            onClick={() => void turn(logId, marked, id)}
          >
            {called}
          </Button>
        ))}
      </div>
      <p className="faded">
        {marked.length} of {people.length}. Whoever came without a name is counted below.{' '}
        <Link to={`/groups/${groupId}/people`}>The people of the group</Link>
      </p>
    </section>
  );
}
