import { useForm } from 'react-hook-form';
import { personNamed, usePreferences } from '@/state/preferences';
import { noticed } from '@/state/notice';
import { useAppDispatch } from '@/state/store';
import { useFormDraft } from '@/features/shared/useFormDraft';
import { Card, Label, MainButton } from '@/ui/controls';
import { Field } from '@/ui/forms';

/** Who uses this device: the name stands beside what is recorded here. */
export const Person = () => {
  const dispatch = useAppDispatch();
  const { person } = usePreferences();
  const form = useForm({ defaultValues: { person } });
  const { control, handleSubmit } = form;
  const forget = useFormDraft(form, 'person');
  const submit = handleSubmit((typed) => {
    forget();
    dispatch(personNamed(typed.person.trim().slice(0, 80)));
    dispatch(noticed({ text: 'Stored on this device.', tone: 'plain' }));
  });
  return (
    <Card style={{ gap: 12 }}>
      <Label heading>Who uses this device</Label>
      <Field
        control={control}
        name="person"
        label="Name"
        hint="Shown beside what is recorded on this device. Optional."
      />
      <MainButton title="Save the name" onPress={() => void submit()} />
    </Card>
  );
};
