import { counted } from '@obrik/core/words';
import { usePhotoSumQuery } from '@/api/api';
import { Card, Label, PlainButton, Small } from '@/ui/controls';

const inMegabytes = (bytes: number): string => `${(bytes / 1024 / 1024).toFixed(1)} MB`;

/** Everything the shop holds as one file, to put elsewhere. */
export const Backup = () => {
  const { data } = usePhotoSumQuery();
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Backup</Label>
      <Small>
        The shop’s server makes one every day and keeps the last seven. This one is yours to put
        elsewhere.
        {data && data.count > 0
          ? ` In it: ${counted(data.count, 'photo')}, ${inMegabytes(data.bytes)}.`
          : ''}
      </Small>
      <PlainButton
        title="Download a backup"
        onPress={() => window.location.assign('/api/backup')}
      />
    </Card>
  );
};
