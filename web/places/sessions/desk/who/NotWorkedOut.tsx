import { Button } from 'antd';

interface Props {
  /** What did not come: "It could not be laid out." */
  readonly what: string;
  /** Why. */
  readonly failure: string;
  readonly onTryAgain: () => void;
}

/** An answer that did not come, with why, and a way to ask again. */
export const NotWorkedOut = ({ what, failure, onTryAgain }: Props) => (
  <p role="alert">
    {what} {failure}{' '}
    <Button size="small" onClick={onTryAgain}>
      Try again
    </Button>
  </p>
);
