import { useRouter } from 'expo-router';
import { Empty, Screen } from '@/ui/controls';

export default function NotFound() {
  const router = useRouter();
  return (
    <Screen narrow>
      <Empty
        alone
        title="Nothing here"
        text="This address leads nowhere in Obrik."
        action={{ title: 'To the pieces', onPress: () => router.navigate('/pieces') }}
      />
    </Screen>
  );
}
