import type { ShoppingLine } from '@obrik/core/supply';
import { SUPPLY_WORDS } from '@obrik/core/words';
import { View } from 'react-native';
import { Label, Small } from '@/ui/controls';
import { VeneerSheets } from '@/ui/drawings';

/** How veneer is cut from its sheets, drawn and told. */
export const CutSheets = ({ cut }: { readonly cut: NonNullable<ShoppingLine['cut']> }) => (
  <View style={{ gap: 6 }}>
    <Label heading>
      {cut.sheets.length} × sheet of {cut.format.widthMm} × {cut.format.lengthMm} mm
    </Label>
    <VeneerSheets
      width={cut.format.widthMm}
      length={cut.format.lengthMm}
      sheets={cut.sheets.map((sheet) =>
        sheet.map((it) => ({
          x: it.x,
          y: it.y,
          width: it.widthMm,
          length: it.lengthMm,
          name: it.name,
        })),
      )}
    />
    {cut.sheets.flat().map((it, nth) => (
      <Small key={nth}>{SUPPLY_WORDS.sheetOf(it.name, it.widthMm, it.lengthMm)}</Small>
    ))}
    {cut.tooLarge.length > 0 ? (
      <Small>{SUPPLY_WORDS.joined(cut.tooLarge.map((it) => it.name).join(', '))}</Small>
    ) : null}
    <Small>{SUPPLY_WORDS.waste(cut.waste)} The grain runs along the sheet.</Small>
  </View>
);
