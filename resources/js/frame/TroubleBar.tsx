import { Box, chakra } from '@chakra-ui/react';
import { CircleAlert } from 'lucide-react';
import { type SyntheticEvent, useState } from 'react';
import { useShared } from '../lib/page';
import { Unanswered } from '../lib/postJson';
import { dismiss, freshToken, signInAgain, useTrouble } from '../lib/trouble';
import { Button } from '../parts/Button';

/** Says that something could not be saved or asked, and offers the way on. The page below stands as it was. */
export function TroubleBar() {
    const trouble = useTrouble();
    const { keeper, damage } = useShared();
    return (
        <Box
            role="alert"
            position="sticky"
            top="0"
            zIndex="20"
            _print={{ display: 'none' }}
            {...(trouble !== null && { bg: 'raised', borderBottomWidth: '2px', borderColor: 'fault' })}
        >
            {damage !== null && (
                <Box px={{ base: '3', md: '6' }} py="2" bg="raised" color="fault" fontWeight="600" fontSize="sm">
                    {damage}
                </Box>
            )}
            {trouble !== null && (
                <Box
                    display="flex"
                    flexWrap="wrap"
                    alignItems="center"
                    columnGap="3"
                    rowGap="2"
                    px={{ base: '3', md: '6' }}
                    py="2"
                    fontSize="sm"
                >
                    <Box color="fault" flexShrink="0">
                        <CircleAlert size={18} aria-hidden="true" />
                    </Box>
                    <Box flex="1 1 16rem" fontWeight="600">
                        {trouble.sentence}
                    </Box>
                    {trouble.signedOut && keeper !== null ? (
                        <SignInAgain email={keeper.email} again={trouble.again} />
                    ) : (
                        trouble.again !== null && (
                            <Button look="solid" onClick={() => void freshToken().then(trouble.again)}>
                                Try again
                            </Button>
                        )
                    )}
                    <Button look="plain" onClick={dismiss}>
                        Hide
                    </Button>
                </Box>
            )}
        </Box>
    );
}

/** The door in one line, for the keeper whose page this is. */
function SignInAgain({ email, again }: { email: string; again: (() => void) | null }) {
    const [password, setPassword] = useState('');
    const [refusal, setRefusal] = useState('');
    const [busy, setBusy] = useState(false);
    async function submit(event: SyntheticEvent) {
        event.preventDefault();
        setBusy(true);
        try {
            const answer = await signInAgain(email, password);
            if (answer.ok) {
                dismiss();
                again?.();
            } else {
                setRefusal(Object.values(answer.errors)[0] ?? 'That did not work.');
            }
        } catch (problem) {
            setRefusal(problem instanceof Unanswered ? problem.message : 'The server cannot be reached.');
        }
        setBusy(false);
    }
    return (
        <chakra.form
            onSubmit={(event) => void submit(event)}
            display="flex"
            flexWrap="wrap"
            alignItems="center"
            gap="2"
            flex={{ base: '1 1 100%', md: '0 1 auto' }}
        >
            {/* A password manager fills in the right one when it is told whose it is. */}
            <input type="text" name="username" autoComplete="username" value={email} readOnly hidden />
            <chakra.input
                type="password"
                aria-label={`Password of ${email}`}
                placeholder={`Password of ${email}`}
                autoComplete="current-password"
                value={password}
                onChange={(event) => setPassword(event.target.value)}
                minH={{ base: '44px', md: '36px' }}
                width="17rem"
                maxWidth="100%"
                px="2.5"
                bg="paper"
                borderWidth="1px"
                borderColor="edge"
                borderRadius="3px"
                fontSize={{ base: '16px', md: 'sm' }}
            />
            <Button type="submit" look="solid" disabled={busy || password === ''}>
                {again === null ? 'Sign in' : 'Sign in and try again'}
            </Button>
            {refusal !== '' && <Box color="fault">{refusal}</Box>}
        </chakra.form>
    );
}
