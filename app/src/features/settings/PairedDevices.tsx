import { View } from 'react-native';
import { usePairedQuery, useRemoveDeviceMutation } from '@/api/api';
import { useTimes } from '@/features/shared/useTimes';
import { Body, Card, Label, PlainButton, Small } from '@/ui/controls';

/** Devices that the shop lets in over the network; a lost one is removed here. */
export const PairedDevices = () => {
  const times = useTimes();
  const { data } = usePairedQuery();
  const [remove] = useRemoveDeviceMutation();
  if (!data || data.length === 0) return null;
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Paired devices</Label>
      {data.map((it) => (
        <View key={it.id} style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <View style={{ flex: 1 }}>
            <Body>{it.name}</Body>
            <Small>Paired {times.clock.day(new Date(it.pairedAt))}</Small>
          </View>
          <PlainButton
            title="Remove"
            label={`Remove ${it.name}`}
            onPress={() => void remove(it.id)}
          />
        </View>
      ))}
    </Card>
  );
};
