import { chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Door } from '../../frame/Door';
import { ChoiceField } from '../../parts/ChoiceField';
import { TextField } from '../../parts/TextField';

export default function FirstRun({ zones }: { zones: string[] }) {
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const form = useForm({
        name: '',
        email: '',
        password: '',
        timezone: zones.includes(here) ? here : 'UTC',
        units: 'metric',
    });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post('/first-run');
    }
    return (
        <Door
            title="The first keeper"
            lead="Nobody has signed in here yet. This account owns the tanks you describe next."
        >
            <chakra.form onSubmit={submit} display="grid" gap="4" noValidate>
                <TextField
                    label="Your name"
                    autoComplete="name"
                    autoFocus
                    value={form.data.name}
                    onText={(name) => form.setData('name', name)}
                    error={form.errors.name}
                />
                <TextField
                    label="E-mail address"
                    type="email"
                    autoComplete="username"
                    help="Only to sign in; nothing is ever sent."
                    value={form.data.email}
                    onText={(email) => form.setData('email', email)}
                    error={form.errors.email}
                />
                <TextField
                    label="Password"
                    type="password"
                    autoComplete="new-password"
                    help="At least 10 characters."
                    value={form.data.password}
                    onText={(password) => form.setData('password', password)}
                    error={form.errors.password}
                />
                <ChoiceField
                    label="Time zone"
                    value={form.data.timezone}
                    onPick={(timezone) => form.setData('timezone', timezone)}
                    options={zones.map((zone) => [zone, zone.replaceAll('_', ' ')] as const)}
                />
                <ChoiceField
                    label="Units"
                    value={form.data.units}
                    onPick={(units) => form.setData('units', units)}
                    options={[
                        ['metric', 'Metric: L, cm, kg, °C'],
                        ['us', 'US: US gal, in, lb, °F'],
                    ]}
                />
                <Button type="submit" look="solid" disabled={form.processing} justifySelf="start">
                    Begin
                </Button>
            </chakra.form>
        </Door>
    );
}
