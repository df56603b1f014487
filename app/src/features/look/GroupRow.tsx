import { surfaceGroups, type Surface } from '@obrik/core/piece';
import { GROUP_NAMES } from '@obrik/core/words';
import { View } from 'react-native';
import { Option } from '@/ui/controls';

interface GroupRowProps {
  /** Surfaces of which to choose. */
  readonly surfaces: readonly Surface[];
  readonly chosen: readonly string[];
  readonly onChoose: (surfaceIds: readonly string[]) => void;
}

/** Groups of surfaces, each chosen in one tap: everything, all doors, all but the top. */
export const GroupRow = ({ surfaces, chosen, onChoose }: GroupRowProps) => {
  const key = [...chosen].sort().join();
  return (
    <View
      role="group"
      aria-label="Select surfaces"
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {surfaceGroups(surfaces).map((it) => (
        <Option
          key={it.id}
          role="checkbox"
          title={GROUP_NAMES[it.id]}
          chosen={[...it.surfaceIds].sort().join() === key}
          onPress={() => onChoose(it.surfaceIds)}
        />
      ))}
      <Option
        role="checkbox"
        title="None"
        label="Select none"
        chosen={chosen.length === 0}
        onPress={() => onChoose([])}
      />
    </View>
  );
};
