import { lightFormat } from 'date-fns';

/** Today on this machine's wall, YYYY-MM-DD. */
export const today = (): string => lightFormat(new Date(), 'yyyy-MM-dd');
