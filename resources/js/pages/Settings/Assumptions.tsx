import { Box, Input, chakra } from '@chakra-ui/react';
import { Link, router, useForm } from '@inertiajs/react';
import { type SyntheticEvent, useEffect, useState } from 'react';
import { Frame } from '../../frame/Frame';
import { type Basis, type SystemFrame } from '../../lib/page';
import { Button } from '../../parts/Button';
import { TextField } from '../../parts/TextField';

interface Assumption extends Basis {
    default: string;
    range: string;
    unit: string;
    typed: { value: string; reason: string };
}

export interface AssumptionsProps {
    frame: SystemFrame;
    groups: { title: string; assumptions: Assumption[] }[];
}

/** The one that was asked for by its address: "#heater-cover". */
function asked(): string | null {
    return window.location.hash === '' ? null : decodeURIComponent(window.location.hash.slice(1));
}

export default function Assumptions({ frame, groups }: AssumptionsProps) {
    const [sought, setSought] = useState('');
    const [onlySet, setOnlySet] = useState(false);
    const [open, setOpen] = useState(asked);
    useEffect(() => {
        const target = document.getElementById(asked() ?? '');
        target?.scrollIntoView({ block: 'center' });
        target?.querySelector('input')?.focus({ preventScroll: true });
    }, []);
    const set = groups.flatMap(({ assumptions }) => assumptions).filter(({ reason }) => reason !== null).length;
    const words = sought.toLowerCase().split(/\s+/).filter(Boolean);
    const shown = groups
        .map((group) => ({
            ...group,
            assumptions: group.assumptions.filter((one) => {
                const text = `${group.title} ${one.label} ${one.kind} ${one.source}`.toLowerCase();
                return (!onlySet || one.reason !== null) && words.every((word) => text.includes(word));
            }),
        }))
        .filter(({ assumptions }) => assumptions.length > 0);
    return (
        <Frame title="Assumptions" area="Settings" frame={frame}>
            <chakra.h1 fontSize="xl">Assumptions of {frame.name}</chakra.h1>
            <chakra.p color="quiet" fontSize="sm" maxWidth="44rem" mb="3">
                Where nothing is measured or said, results rest on these. What you set here holds for this tank, on all
                its days, past verdicts included. The reason stands beside every result that rests on it.{' '}
                <Link href="/settings">Back to the settings</Link>
            </chakra.p>
            <Box display="flex" flexWrap="wrap" gap="4" alignItems="center" mb="4">
                <Input
                    aria-label="Search the assumptions"
                    placeholder="Search"
                    width="16rem"
                    value={sought}
                    onChange={(event) => setSought(event.target.value)}
                />
                <chakra.label display="flex" alignItems="center" gap="2" fontSize="sm" minH="44px">
                    <input type="checkbox" checked={onlySet} onChange={(event) => setOnlySet(event.target.checked)} />
                    {`Only those set for this tank (${set})`}
                </chakra.label>
            </Box>
            {shown.length === 0 && (
                <p role="status">
                    {onlySet && set === 0 ? 'None is set for this tank: all are as listed.' : 'Nothing here reads so.'}
                </p>
            )}
            {shown.map(({ title, assumptions }) => (
                <chakra.section key={title} mb="6" maxWidth="64rem">
                    <chakra.h2 fontSize="lg" mb="1">
                        {title}
                    </chakra.h2>
                    {assumptions.map((one) => (
                        <Row
                            key={one.key}
                            one={one}
                            url={`/systems/${frame.id}/assumptions/${one.key}`}
                            open={open === one.key}
                            onOpen={(isOpen) => setOpen(isOpen ? one.key : null)}
                        />
                    ))}
                </chakra.section>
            ))}
        </Frame>
    );
}

function Row({
    one,
    url,
    open,
    onOpen,
}: {
    one: Assumption;
    url: string;
    open: boolean;
    onOpen: (open: boolean) => void;
}) {
    const isSet = one.reason !== null;
    return (
        <Box id={one.key} borderTopWidth="1px" py="2" fontSize="sm">
            <Box display="grid" gridTemplateColumns={{ base: '1fr', md: 'minmax(0, 1fr) 11rem 13rem' }} columnGap="5">
                <Box>
                    {one.label}
                    <Box color="quiet">
                        {one.kind} · {one.source}
                    </Box>
                    {isSet && (
                        <Box mt="1">
                            <b>Set for this tank:</b> {one.reason}
                        </Box>
                    )}
                </Box>
                <Box>
                    <Box fontFamily="figure" fontWeight={isSet ? '750' : '400'}>
                        {one.value}
                    </Box>
                    <Box color="quiet">{isSet ? `instead of ${one.default}` : one.range}</Box>
                </Box>
                <Box display="flex" flexWrap="wrap" alignItems="start" justifyContent={{ md: 'end' }} gap="1">
                    {!open && (
                        <Button
                            look="plain"
                            aria-label={`${isSet ? 'Change' : 'Set for this tank'}: ${one.label}`}
                            onClick={() => onOpen(true)}
                        >
                            {isSet ? 'Change' : 'Set for this tank'}
                        </Button>
                    )}
                    {isSet && (
                        <Button
                            look="plain"
                            aria-label={`Back to ${one.default}: ${one.label}`}
                            onClick={() => router.delete(url, { preserveScroll: true })}
                        >
                            Back to {one.default}
                        </Button>
                    )}
                </Box>
            </Box>
            {open && <OverlayForm key={JSON.stringify(one.typed)} one={one} url={url} onClose={() => onOpen(false)} />}
        </Box>
    );
}

function OverlayForm({ one, url, onClose }: { one: Assumption; url: string; onClose: () => void }) {
    const form = useForm(one.typed);
    const errors = form.errors;
    function submit(event: SyntheticEvent) {
        event.preventDefault();
        form.transform((overlay) => ({ overlay }));
        form.put(url, { preserveScroll: true, onSuccess: onClose });
    }
    return (
        <chakra.form
            onSubmit={submit}
            noValidate
            display="grid"
            gridTemplateColumns={{ base: '1fr', md: '13rem minmax(0, 1fr) auto auto' }}
            gap="3"
            alignItems="start"
            mt="2"
            aria-label={one.label}
        >
            <TextField
                label="Value"
                unit={one.unit}
                inputMode="decimal"
                value={form.data.value}
                help={one.range}
                error={errors.value}
                onText={(value) => form.setData('value', value)}
            />
            <TextField
                label="Reason"
                value={form.data.reason}
                help="What you measured, or who says so."
                error={errors.reason}
                onText={(reason) => form.setData('reason', reason)}
            />
            <Button type="submit" look="solid" mt={{ md: '24px' }} disabled={form.processing}>
                Set
            </Button>
            <Button mt={{ md: '24px' }} onClick={onClose}>
                Close
            </Button>
        </chakra.form>
    );
}
