import { Select } from 'antd';

interface Props {
  readonly tags: readonly string[];
  readonly onTags: (tags: string[]) => void;
}

const LONGEST = 30;
const MOST = 12;

/** Words of the instructor's own by which a thing is found again, parted by commas as they are typed. */
export const TagsField = ({ tags, onTags }: Props) => (
  <Select
    mode="tags"
    value={[...tags]}
    open={false}
    suffixIcon={null}
    tokenSeparators={[',', ';']}
    placeholder="Tags of my own"
    aria-label="Tags"
    onChange={(said: string[]) => {
      const kept = said.map((tag) => tag.trim().slice(0, LONGEST)).filter(Boolean);
      onTags(kept.slice(0, MOST));
    }}
  />
);
