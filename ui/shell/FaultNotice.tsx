import { Notice } from './Notice';

/** Why something was not done, read out at once; nothing while there is nothing to say. */
export const FaultNotice = ({ words }: { words: string | undefined }) =>
  words ? (
    <Notice kind="fails" role="alert">
      {words}
    </Notice>
  ) : null;
