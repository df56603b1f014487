import { moneySettings, read, type MoneySettings, type Shop } from '@obrik/core/piece';
import { percentOf } from '@obrik/core/words';
import { MoneyLine } from '@/features/shared/MoneyLine';
import { Card, Label, Small } from '@/ui/controls';
import { TypedLine } from '@/ui/forms';

interface MoneySettingsCardProps {
  readonly shop: Shop;
  readonly onStore: (money: MoneySettings) => void;
}

/** A share in percent as it was typed, in hundredths of a percent; NaN where it is none. */
const basisPointsOf = (typed: string): number =>
  /^\d+([.,]\d{1,2})?$/.test(typed.trim())
    ? Math.round(Number(typed.trim().replace(',', '.')) * 100)
    : typed.trim() === ''
      ? 0
      : NaN;

/** Currency, tax, rates and terms: what sums are reckoned and quotes written with. */
export const MoneySettingsCard = ({ shop, onStore }: MoneySettingsCardProps) => {
  const { money } = shop;
  /** Stores what the schema of core takes; else says what is wrong. */
  const put = (told: Partial<MoneySettings>): string | undefined => {
    const result = read(moneySettings, { ...money, ...told });
    if (!result.ok) return result.problems[0]?.message ?? 'That can’t be read.';
    onStore(result.value);
    return undefined;
  };
  return (
    <Card style={{ gap: 4 }}>
      <Label heading>Your figures</Label>
      <TypedLine
        label="Currency, such as EUR"
        value={money.currency ?? ''}
        onStore={(typed) => put({ currency: typed.trim().toUpperCase() || null })}
      />
      <MoneyLine
        label="What your hour costs"
        value={money.rateAnHour}
        onStore={(rateAnHour) => put({ rateAnHour })}
      />
      <MoneyLine
        label="Tools and space, an hour"
        value={money.spaceAnHour}
        onStore={(spaceAnHour) => put({ spaceAnHour })}
      />
      <MoneyLine
        label="Waste of one piece"
        value={money.disposalAPiece}
        onStore={(disposalAPiece) => put({ disposalAPiece })}
      />
      <TypedLine
        label="Tax on what you sell, %"
        value={percentOf(money.tax)}
        decimal
        onStore={(typed) => put({ tax: basisPointsOf(typed) })}
      />
      <TypedLine
        label="Deposit before work begins, %"
        value={percentOf(money.deposit)}
        decimal
        onStore={(typed) => put({ deposit: basisPointsOf(typed) })}
      />
      <TypedLine
        label="A quote holds for, days"
        value={String(money.quoteDays)}
        decimal
        onStore={(typed) => put({ quoteDays: Number(typed.trim() || NaN) })}
      />
      <TypedLine
        label="Terms under every quote"
        value={money.terms}
        onStore={(terms) => put({ terms })}
      />
      <Small>What is left empty is not reckoned with. Nothing is invented for it.</Small>
    </Card>
  );
};
