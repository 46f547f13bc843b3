import { chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { useShared } from '../../lib/page';
import { useDraft } from '../../lib/useDraft';
import { useHistory } from '../../lib/useHistory';
import { TankFields, type TypedTank } from '../../parts/TankFields';
import { type TankDraft, WorkingVolume } from '../../parts/WorkingVolume';

interface Props {
    first: boolean;
    start: TypedTank;
    schools: [string, string][];
}

export default function Create({ first, start, schools }: Props) {
    const { now: tank, change, restart } = useHistory('ithys-new-tank', start);
    const [saving, setSaving] = useState(false);
    const errors = useShared().errors;
    const { answer } = useDraft<TankDraft>('/tank-preview', { tank });
    const volume = answer?.ok === true ? answer.result.view : null;
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        setSaving(true);
        router.post(
            '/systems',
            { tank: tank as never },
            { preserveScroll: true, onSuccess: () => restart(start), onFinish: () => setSaving(false) },
        );
    }
    return (
        <Frame title="Describe a tank" area="Path" aside={<WorkingVolume volume={volume} stale={false} />}>
            <chakra.h1 fontSize="xl">{first ? 'Describe your tank' : 'Describe another tank'}</chakra.h1>
            <chakra.p color="quiet" mb="4" maxWidth="44rem">
                Write figures in the unit shown, or any unit spelled out: “48 in”, “12 imp gal”, “1/2 in”. What you
                leave empty counts as none.
            </chakra.p>
            <chakra.form onSubmit={submit} noValidate>
                <TankFields
                    tank={tank}
                    schools={schools}
                    errors={errors}
                    onChange={(field, text) => change({ ...tank, [field]: text })}
                />
                <Button type="submit" look="solid" mt="6" disabled={saving}>
                    Save the tank
                </Button>
            </chakra.form>
        </Frame>
    );
}
