import { Pagination } from 'antd';

interface Props {
  readonly current: number;
  readonly size: number;
  readonly total: number;
  readonly onChange: (page: number) => void;
}

/** The pages of a longer list. */
export const Pages = ({ current, size, total, onChange }: Props) => (
  <Pagination current={current} pageSize={size} total={total} showSizeChanger={false} onChange={onChange} align="end" />
);
