import { useDates } from '../lib/dates';
import { now as clock } from '../lib/clock';
import { Box, chakra } from '@chakra-ui/react';
import { Head, Link, router } from '@inertiajs/react';
import { Moon, Sun } from 'lucide-react';
import { type ReactNode, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { useHotkeys } from 'react-hotkeys-hook';
import { setLook, useLook } from '../lib/colourMode';
import { useUnits } from '../lib/figures';
import { type SystemFrame, useShared } from '../lib/page';
import { useCharacter } from '../lib/useCharacter';
import { Button } from '../parts/Button';
import { FlashLine } from '../parts/FlashLine';
import { Kbd } from '../parts/Kbd';
import { Still } from '../parts/Still';
import { KeyList } from './KeyList';
import { QuickEntry } from './QuickEntry';
import { TroubleBar } from './TroubleBar';
import { WaterLine } from './WaterLine';

type Area = 'Care' | 'Path' | 'Section' | 'Media' | 'Journal' | 'Ledger' | 'Forecast' | 'Trials' | 'Settings';

/** The chart table around every screen behind the door: name and water, areas, the log, and what was just done. */
export function Frame({
    title,
    area,
    frame,
    aside,
    dragging = false,
    children,
}: {
    title: string;
    area: Area;
    frame?: SystemFrame;
    aside?: ReactNode;
    /** While something on the page is dragged, what stands around it is left as it is. */
    dragging?: boolean;
    children: ReactNode;
}) {
    const { keeper, systems } = useShared();
    const [keysOpen, setKeysOpen] = useState(false);
    const log = useRef<HTMLInputElement>(null);
    // It stands open where readings are looked at; elsewhere it comes when it is called.
    const [logOpen, setLogOpen] = useState(area === 'Journal');
    const home = frame ?? systems[0];
    const switchUnits = () =>
        router.put(
            '/settings/units',
            { units: keeper?.units === 'us' ? 'metric' : 'us' },
            { preserveScroll: true, preserveState: true },
        );
    // The log stays in sight at a desk; moving there must not scroll the sheet away.
    const focusLog = () => {
        flushSync(() => setLogOpen(true));
        log.current?.focus({ preventScroll: true });
    };
    const go = (place: string) => () => home && router.visit(`/systems/${home.id}/${place}`);

    const find = () => {
        const field = document.getElementById('find');
        if (field === null) {
            go('journal?view=table&range=all&find=1')();
        } else {
            field.focus();
        }
    };

    useCharacter('l', focusLog);
    useCharacter('/', find);
    useCharacter('u', switchUnits);
    useCharacter('?', () => setKeysOpen(true));
    useHotkeys('g>c', go('care'));
    useHotkeys('g>j', go('journal'));
    useHotkeys('g>p', go('path'));
    useHotkeys('g>e', go('section'));
    useHotkeys('g>d', go('ledger'));
    useHotkeys('g>f', go('forecast'));
    useHotkeys('g>m', go('media'));
    useHotkeys('g>t', go('trials'));
    useHotkeys('g>s', () => router.visit('/settings'));

    return (
        <>
            <TroubleBar />
            <Box
                display="grid"
                minHeight="100dvh"
                gridTemplateColumns={{ base: 'minmax(0, 1fr)', lg: aside ? 'minmax(0, 1fr) 322px' : 'minmax(0, 1fr)' }}
                gridTemplateRows={{ base: 'auto auto auto auto auto 1fr', md: 'auto auto auto 1fr auto' }}
                gridTemplateAreas={{
                    base: '"header" "areas" "log" "water" "main" "aside"',
                    md: '"header" "water" "areas" "main" "aside" "log"',
                    lg: aside
                        ? '"header header" "water water" "areas areas" "main aside" "log aside"'
                        : '"header" "water" "areas" "main" "log"',
                }}
            >
                <Head title={frame ? `${title}, ${frame.name}` : title} />
                <chakra.a
                    href="#content"
                    position="absolute"
                    left="-9999px"
                    _focus={{ left: '8px', top: '8px', bg: 'raised', p: '2', zIndex: 10 }}
                >
                    Skip to the page
                </chakra.a>
                <Still while={dragging}>
                    <Header
                        frame={frame}
                        onLog={focusLog}
                        onFind={find}
                        onUnits={switchUnits}
                        onKeys={() => setKeysOpen(true)}
                    />
                </Still>
                {frame && (
                    <Box gridArea="water" borderBottomWidth="1px" _print={{ display: 'none' }}>
                        <WaterLine frame={frame} />
                    </Box>
                )}
                <Box gridArea="areas" _print={{ display: 'none' }}>
                    <Still while={dragging}>
                        <Areas area={area} systemId={home?.id} />
                        <FlashLine />
                    </Still>
                </Box>
                <chakra.main
                    id="content"
                    gridArea="main"
                    tabIndex={-1}
                    outline="none"
                    px={{ base: '3', md: '6' }}
                    pt="3"
                    pb="4"
                    minW="0"
                >
                    {frame && <PaperHead frame={frame} title={title} />}
                    {children}
                </chakra.main>
                {aside && (
                    <chakra.aside
                        aria-label="Reading"
                        gridArea="aside"
                        borderLeftWidth={{ lg: '1px' }}
                        borderTopWidth={{ base: '1px', lg: '0' }}
                    >
                        <Box
                            position={{ lg: 'sticky' }}
                            top="0"
                            maxHeight={{ lg: '100dvh' }}
                            overflowY={{ lg: 'auto' }}
                            px={{ base: '3', md: '6', lg: '5' }}
                            py="4"
                        >
                            <Still while={dragging}>{aside}</Still>
                        </Box>
                    </chakra.aside>
                )}
                {frame && !logOpen && (
                    <Box gridArea="log" display={{ base: 'block', md: 'none' }} px="3" _print={{ display: 'none' }}>
                        <Button look="plain" onClick={focusLog}>
                            Log a reading or a change
                        </Button>
                    </Box>
                )}
                {frame && logOpen && (
                    <Box
                        onKeyDown={(event) => event.key === 'Escape' && setLogOpen(area === 'Journal')}
                        gridArea="log"
                        _print={{ display: 'none' }}
                        position={{ md: 'sticky' }}
                        bottom="0"
                        px={{ base: '3', md: '6' }}
                        py={{ base: '2', md: '0' }}
                        pb={{ md: '4' }}
                        bg="paper"
                    >
                        <QuickEntry systemId={frame.id} field={log} />
                    </Box>
                )}
                <KeyList open={keysOpen} onClose={() => setKeysOpen(false)} />
            </Box>
        </>
    );
}

function Header({
    frame,
    onLog,
    onFind,
    onUnits,
    onKeys,
}: {
    frame: SystemFrame | undefined;
    onLog: () => void;
    onFind: () => void;
    onUnits: () => void;
    onKeys: () => void;
}) {
    const { keeper, systems } = useShared();
    const { show, unit } = useUnits();
    const look = useLook();
    return (
        <chakra.header
            gridArea="header"
            display="flex"
            _print={{ display: 'none' }}
            alignItems="center"
            gap={{ base: '3', md: '5' }}
            minH="52px"
            px={{ base: '3', md: '6' }}
            borderBottomWidth="1px"
        >
            <chakra.span fontFamily="heading" fontWeight="750" fontSize="xl">
                <Box asChild color="ink" textDecoration="none">
                    <Link href="/">Ithys</Link>
                </Box>
            </chakra.span>
            {frame && (
                <Box display="flex" alignItems="baseline" gap="2" minW="0">
                    {systems.length > 1 ? (
                        <chakra.select
                            aria-label="Tank"
                            value={frame.id}
                            onChange={(event) => router.visit(`/systems/${event.target.value}/journal`)}
                            fontWeight="700"
                            bg="transparent"
                            color="ink"
                            maxWidth="160px"
                            minH={{ base: '44px', md: '28px' }}
                        >
                            {systems.map((system) => (
                                <option key={system.id} value={system.id}>
                                    {system.name}
                                </option>
                            ))}
                        </chakra.select>
                    ) : (
                        <Box fontWeight="700" truncate>
                            {frame.name}
                        </Box>
                    )}
                    <Box display={{ base: 'none', md: 'block' }} color="quiet" fontSize="sm" whiteSpace="nowrap">
                        working volume{' '}
                        <Box as="span" fontFamily="figure" color="ink" fontSize="md">
                            {show(frame.workingLitres, 'volume')}
                        </Box>
                    </Box>
                </Box>
            )}
            <Box flex="1" />
            {frame && (
                <HeaderButton onClick={onLog} hideOnPhone>
                    <Kbd>L</Kbd> Log
                </HeaderButton>
            )}
            {frame && (
                <HeaderButton onClick={onFind} hideOnPhone>
                    <Kbd>/</Kbd> Find
                </HeaderButton>
            )}
            <HeaderButton onClick={onUnits} title="Switch units">
                <Kbd>U</Kbd> {unit('volume')} · {unit('temperature')}
            </HeaderButton>
            <HeaderButton onClick={onKeys} hideOnPhone>
                <Kbd>?</Kbd> Keys
            </HeaderButton>
            <HeaderButton
                onClick={() => setLook(look === 'dark' ? 'light' : 'dark')}
                label={look === 'dark' ? 'Switch to light' : 'Switch to dark'}
            >
                {look === 'dark' ? <Sun size={17} aria-hidden="true" /> : <Moon size={17} aria-hidden="true" />}
            </HeaderButton>
            <Box display={{ base: 'none', md: 'block' }} fontSize="sm" fontWeight="600" whiteSpace="nowrap">
                {keeper?.name}
            </Box>
            <HeaderButton onClick={() => router.post('/sign-out')}>Sign out</HeaderButton>
        </chakra.header>
    );
}

function HeaderButton({
    label,
    title,
    hideOnPhone = false,
    onClick,
    children,
}: {
    label?: string;
    title?: string;
    hideOnPhone?: boolean;
    onClick: () => void;
    children: ReactNode;
}) {
    return (
        <chakra.button
            type="button"
            aria-label={label}
            title={title}
            onClick={onClick}
            display={hideOnPhone ? { base: 'none', md: 'inline-flex' } : 'inline-flex'}
            alignItems="center"
            justifyContent="center"
            gap="1.5"
            minH={{ base: '44px', md: '28px' }}
            minW={{ base: '32px', md: '24px' }}
            fontSize="sm"
            whiteSpace="nowrap"
            cursor="pointer"
            _hover={{ color: 'deep' }}
        >
            {children}
        </chakra.button>
    );
}

/** On paper: which tank, what of it, which day, and in which units. */
function PaperHead({ frame, title }: { frame: SystemFrame; title: string }) {
    const dates = useDates();
    const { unit } = useUnits();
    const [now] = useState(clock);
    return (
        <chakra.p display="none" _print={{ display: 'block' }} mb="2" fontSize="sm">
            {`${frame.name} · ${title} · printed ${dates.day(now)} · ${unit('volume')}, ${unit('temperature')}, ${unit('concentration')}`}
        </chakra.p>
    );
}

function Areas({ area, systemId }: { area: Area; systemId: number | undefined }) {
    const links: [Area, string][] = [
        ...(systemId === undefined
            ? []
            : ([
                  ['Care', `/systems/${systemId}/care`],
                  ['Path', `/systems/${systemId}/path`],
                  ['Section', `/systems/${systemId}/section`],
                  ['Media', `/systems/${systemId}/media`],
                  ['Journal', `/systems/${systemId}/journal`],
                  ['Ledger', `/systems/${systemId}/ledger`],
                  ['Forecast', `/systems/${systemId}/forecast`],
                  ['Trials', `/systems/${systemId}/trials`],
              ] as [Area, string][])),
        ['Settings', '/settings'],
    ];
    return (
        <chakra.nav
            aria-label="Areas"
            display="flex"
            gap={{ base: '4', md: '8' }}
            px={{ base: '3', md: '6' }}
            borderBottomWidth="1px"
            overflowX="auto"
        >
            {links.map(([name, href]) => (
                <Box
                    key={name}
                    asChild
                    display="inline-flex"
                    alignItems="center"
                    minH={{ base: '44px', md: '34px' }}
                    color="ink"
                    textDecoration="none"
                    fontWeight={name === area ? '750' : '400'}
                    borderBottomWidth="3px"
                    borderColor={name === area ? 'ink' : 'transparent'}
                    _hover={{ color: 'deep' }}
                >
                    <Link href={href} aria-current={name === area ? 'page' : undefined}>
                        {name}
                    </Link>
                </Box>
            ))}
        </chakra.nav>
    );
}
