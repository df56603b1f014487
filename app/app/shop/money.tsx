import { later } from '@/features/shell/Station';

export default later('MoneyScreen');
