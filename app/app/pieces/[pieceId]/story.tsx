import { station } from '@/features/shell/Station';

export default station('StoryScreen');
