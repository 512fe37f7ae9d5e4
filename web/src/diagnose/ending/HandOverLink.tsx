import { Link } from 'react-router';
import { asButton } from '../../shared/ui/index.ts';
import * as messages from './messages.ts';

export const HandOverLink = ({ id }: { id: string }) => (
  <Link to={`/cases/${id}/handover`} className={asButton('quiet')}>
    {messages.handOverPage}
  </Link>
);
