import { chakra } from '@chakra-ui/react';
import { Button } from '../../parts/Button';
import { useForm } from '@inertiajs/react';
import { type SyntheticEvent } from 'react';
import { Door } from '../../frame/Door';
import { TextField } from '../../parts/TextField';

export default function SignIn() {
    const form = useForm({ email: '', password: '', remember: true });
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.post('/sign-in', { onError: () => form.setData('password', '') });
    }
    return (
        <Door title="Sign in" lead="Your tanks are behind this door.">
            <chakra.form onSubmit={submit} display="grid" gap="4" noValidate>
                <TextField
                    label="E-mail address"
                    type="email"
                    autoComplete="username"
                    autoFocus
                    value={form.data.email}
                    onText={(email) => form.setData('email', email)}
                    error={form.errors.email}
                />
                <TextField
                    label="Password"
                    type="password"
                    autoComplete="current-password"
                    value={form.data.password}
                    onText={(password) => form.setData('password', password)}
                    error={form.errors.password}
                />
                <chakra.label
                    display="flex"
                    gap="2"
                    alignItems="center"
                    fontSize="sm"
                    minH={{ base: '44px', md: '28px' }}
                >
                    <input
                        type="checkbox"
                        checked={form.data.remember}
                        onChange={(event) => form.setData('remember', event.target.checked)}
                    />
                    Stay signed in on this device
                </chakra.label>
                <Button type="submit" look="solid" disabled={form.processing} justifySelf="start">
                    {form.processing ? 'Signing in' : 'Sign in'}
                </Button>
            </chakra.form>
        </Door>
    );
}
