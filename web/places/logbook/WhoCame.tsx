import { App, Button } from 'antd';
import { Link } from 'react-router';
import { comesOn } from '../../../core/group/person';
import { api } from '../../app/server/api';
import { whyRefused } from '../../app/server/problemIn';

interface Props {
  readonly logId: string;
  readonly groupId: string;
  /** The local day of the class. */
  readonly day: string;
}

/** Who was in a class, a tap each; nothing where nobody of its group is written down. */
export function WhoCame({ logId, groupId, day }: Props) {
  const { data } = api.usePeopleQuery(groupId);
  const [note] = api.useNoteCameMutation();
  const { message } = App.useApp();
  const marked = data?.came.find((one) => one.logId === logId)?.people ?? [];
  const people = data?.people.filter((person) => comesOn(person, day) || marked.includes(person.id)) ?? [];
  if (people.length === 0) return null;
  const turn = async (id: string) => {
    const next = marked.includes(id) ? marked.filter((one) => one !== id) : [...marked, id];
    try {
      await note({ logId, people: next }).unwrap();
    } catch (error) {
      message.error(whyRefused(error));
    }
  };
  return (
    <section className="who-came" aria-labelledby="who-came-title">
      <h2 id="who-came-title">Who came</h2>
      <div>
        {people.map(({ id, called }) => (
          <Button
            key={id}
            type={marked.includes(id) ? 'primary' : 'default'}
            aria-pressed={marked.includes(id)}
            onClick={() => void turn(id)}
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
