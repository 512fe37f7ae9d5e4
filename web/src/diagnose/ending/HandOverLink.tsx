import { Link } from 'react-router';
import { asButton } from '../../shared/ui/index.ts';

export const HandOverLink = ({ id }: { id: string }) => (
  <Link to={`/cases/${id}/handover`} className={asButton('quiet')}>
    Hand-over page
  </Link>
);
