import { Box, chakra } from '@chakra-ui/react';
import { Link, router } from '@inertiajs/react';
import { type SyntheticEvent, useState } from 'react';
import { useDates } from '../lib/dates';
import { type Basis, type Finding } from '../lib/page';
import { BasisNote } from '../parts/BasisNote';
import { Button } from '../parts/Button';
import { ChoiceField } from '../parts/ChoiceField';
import { SEVERITY } from '../parts/severity';
import { TextField } from '../parts/TextField';

export interface Alert {
    key: string;
    from: number;
    entry: number | null;
    /** The address of what went before beside what went since; null where it is no rise or fall. */
    why: string | null;
    severity: Finding['severity'];
    code: string;
    title: string;
    sentence: string;
    basis: Basis | null;
    delay: { until: number; reason: string; by: string | null } | null;
}

const DAYS = ['3', '7', '30'] as const;

/** What asks to be looked at; each opens what it rests on, and can be put off with a reason. */
export function Alerts({
    systemId,
    alerts,
    onShow,
}: {
    systemId: number;
    alerts: Alert[];
    onShow: (alert: Alert) => void;
}) {
    const due = alerts.filter((alert) => alert.delay === null);
    const later = alerts.filter((alert) => alert.delay !== null);
    const [open, setOpen] = useState<string | null>(null);
    const dates = useDates();
    if (alerts.length === 0) {
        return null;
    }
    return (
        <Box as="section" aria-label="Alerts" mb="3" fontSize="sm">
            {due.map((alert) => (
                <Box key={alert.key} borderWidth="1px" borderRadius="3px" px="3" py="2" mb="1.5" bg="raised">
                    <Box display="flex" gap="3" alignItems="flex-start" flexWrap="wrap">
                        <Sign severity={alert.severity} />
                        <Box flex="1 1 18rem">
                            <chakra.strong>{alert.title}.</chakra.strong> {alert.sentence}
                            {alert.why !== null && (
                                <div>
                                    <Link href={alert.why}>What came in and went out, before and since</Link>
                                </div>
                            )}
                            {alert.basis !== null && (
                                <div>
                                    <BasisNote basis={alert.basis} />
                                </div>
                            )}
                        </Box>
                        <Box display="flex" gap="1.5">
                            <Button
                                minH={{ base: '44px', md: '28px' }}
                                aria-label={`Show why: ${alert.title}`}
                                onClick={() => onShow(alert)}
                            >
                                Show why
                            </Button>
                            <Button
                                minH={{ base: '44px', md: '28px' }}
                                aria-expanded={open === alert.key}
                                aria-label={`Put off: ${alert.title}`}
                                onClick={() => setOpen(open === alert.key ? null : alert.key)}
                            >
                                Put off
                            </Button>
                        </Box>
                    </Box>
                    {open === alert.key && <PutOff systemId={systemId} alert={alert} onDone={() => setOpen(null)} />}
                </Box>
            ))}
            {later.length > 0 && (
                <chakra.details>
                    <chakra.summary cursor="pointer" minH={{ base: '44px', md: '24px' }}>
                        {later.length === 1 ? 'One alert is put off' : `${later.length} alerts are put off`}
                    </chakra.summary>
                    <ul>
                        {later.map(({ key, title, delay }) => (
                            <chakra.li key={key} display="flex" flexWrap="wrap" columnGap="3" alignItems="center">
                                <span>
                                    {title}, until {dates.moment(delay?.until ?? 0)}
                                    {delay?.by != null && ` by ${delay.by}`}: {delay?.reason}
                                </span>
                                <Button
                                    look="plain"
                                    aria-label={`Bring back: ${title}`}
                                    onClick={() =>
                                        router.delete(`/systems/${systemId}/alerts`, {
                                            data: { alert: key },
                                            preserveScroll: true,
                                            preserveState: true,
                                        })
                                    }
                                >
                                    Bring it back
                                </Button>
                            </chakra.li>
                        ))}
                    </ul>
                </chakra.details>
            )}
        </Box>
    );
}

function Sign({ severity }: Pick<Alert, 'severity'>) {
    const look = SEVERITY[severity];
    return (
        <Box color={look.colour} pt="2px">
            <look.icon size={17} aria-label={look.name} role="img" />
        </Box>
    );
}

function PutOff({ systemId, alert, onDone }: { systemId: number; alert: Alert; onDone: () => void }) {
    const [days, setDays] = useState<string>('7');
    const [reason, setReason] = useState('');
    const [errors, setErrors] = useState<Record<string, string>>({});
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        router.post(
            `/systems/${systemId}/alerts`,
            { alert: alert.key, days, reason },
            { preserveScroll: true, preserveState: true, onError: setErrors, onSuccess: onDone },
        );
    }
    return (
        <chakra.form
            onSubmit={submit}
            aria-label={`Put off: ${alert.title}`}
            display="flex"
            flexWrap="wrap"
            gap="3"
            alignItems="flex-end"
            mt="2"
        >
            <ChoiceField
                label="For"
                value={days}
                options={DAYS.map((one) => [one, `${one} days`] as const)}
                onPick={setDays}
            />
            <Box flex="1 1 14rem">
                <TextField
                    label="Why it can wait"
                    autoFocus
                    value={reason}
                    error={errors['reason'] ?? errors['days'] ?? errors['alert']}
                    onText={setReason}
                />
            </Box>
            <Button type="submit" look="solid">
                Put it off
            </Button>
        </chakra.form>
    );
}
