import { Box, chakra } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { memo } from 'react';
import { figure, useUnits } from '../lib/figures';
import { type Stop, type SystemFrame } from '../lib/page';
import { Glyph } from '../parts/Glyph';
import { SEVERITY } from '../parts/severity';

/** The keeper's own water: from the display through every stage of the path in force and back, with the flow on the line. */
export const WaterLine = memo(function WaterLine({ frame }: { frame: SystemFrame }) {
    const { show } = useUnits();
    const flow =
        frame.flowLitresPerHour === null
            ? 'filter flow not given'
            : `${show(frame.flowLitresPerHour, 'flow')} · ${figure(frame.turnoverPerHour ?? 0, 1)} volumes an hour`;
    const stops = frame.path?.stops ?? [];
    const draft = frame.path?.draft ?? null;
    const path = `/systems/${frame.id}/path`;
    const toItem = (id: string) => `${path}?${draft === null ? '' : `draft=${draft}&`}item=${id}`;

    return (
        <chakra.nav aria-label="Water line" overflowX="auto" overflowY="hidden">
            <Box
                position="relative"
                display="flex"
                height="112px"
                mx={{ base: '3', md: '6' }}
                minW={{ base: `${116 + 24 + Math.max(2, stops.length) * 84}px`, md: `${158 + stops.length * 66}px` }}
            >
                <Box asChild flexShrink="0" mt="8px" color="ink" textDecoration="none" _hover={{ color: 'deep' }}>
                    <Link href={`${path}/water`}>
                        <Display litres={show(frame.displayLitres, 'volume')} />
                    </Link>
                </Box>
                <Box position="relative" flex="1" minW="0">
                    <Course />
                    <chakra.ol listStyleType="none" display="flex" position="relative" pl="4" pr="3" gap="1">
                        {stops.map((stop) => (
                            // One line fits below a stop; the rest of its branches is counted there.
                            <Box as="li" key={stop.id} flex="1 1 0" minW="0" pt="14px" fontSize="xs" lineHeight="1.2">
                                <StopLink stop={stop} href={toItem(stop.id)} />
                                <BranchLink stops={stop.branches.flatMap((branch) => branch.stops)} toItem={toItem} />
                            </Box>
                        ))}
                        {stops.length === 0 && (
                            <Box as="li" pt="46px" fontSize="sm">
                                <Link href={path}>Lay out the path of the water</Link>
                            </Box>
                        )}
                    </chakra.ol>
                    <Box
                        position="absolute"
                        bottom="4px"
                        left="50%"
                        transform="translateX(-50%)"
                        bg="paper"
                        px="2"
                        fontFamily="figure"
                        fontSize={{ base: 'xs', md: 'sm' }}
                        color="quiet"
                        whiteSpace="nowrap"
                    >
                        {flow}
                    </Box>
                </Box>
            </Box>
        </chakra.nav>
    );
});

function Display({ litres }: { litres: string }) {
    return (
        <Box
            width={{ base: '112px', md: '150px' }}
            height="56px"
            bg="water"
            px="2"
            pt="4"
            position="relative"
            overflow="hidden"
            fontSize={{ base: 'xs', md: 'sm' }}
            lineHeight="1.25"
        >
            <Box asChild position="absolute" left="0" top="2px" color="deep" width="100%" aria-hidden="true">
                <svg height="12" viewBox="0 0 158 12" preserveAspectRatio="none">
                    <path
                        d="M0 6c13-6 13 6 26 0s13 6 26 0 13 6 26 0 13 6 26 0 13 6 26 0 13 6 28 0"
                        fill="none"
                        stroke="currentColor"
                        strokeWidth="1.6"
                        vectorEffect="non-scaling-stroke"
                    />
                </svg>
            </Box>
            <Box fontWeight="700">Display</Box>
            <Box color="quiet">{litres} net</Box>
        </Box>
    );
}

/** The line itself: out along the top, down at the far end, back along the foot and up into the display. */
function Course() {
    return (
        <Box aria-hidden="true">
            <Box
                position="absolute"
                left="0"
                right="0"
                top="26px"
                bottom="14px"
                borderWidth="2px"
                borderColor="deep"
                borderLeftWidth="0"
                borderRightRadius="10px"
            />
            <Box
                position="absolute"
                left={{ base: '-60px', md: '-80px' }}
                width={{ base: '61px', md: '81px' }}
                bottom="14px"
                height="26px"
                borderWidth="2px"
                borderColor="deep"
                borderTopWidth="0"
                borderRightWidth="0"
                borderBottomLeftRadius="8px"
            />
            <Box asChild position="absolute" left={{ base: '-65px', md: '-85px' }} bottom="38px" color="deep">
                <svg width="12" height="8" viewBox="0 0 12 8">
                    <path d="M1 7 6 1l5 6" fill="none" stroke="currentColor" strokeWidth="2" />
                </svg>
            </Box>
        </Box>
    );
}

/** A stop of the main line with its drawing, and a sign when the review has something to say there. */
function StopLink({ stop, href }: { stop: Stop; href: string }) {
    const attention = stop.severity === null ? null : SEVERITY[stop.severity];
    return (
        <Box asChild display="block" color="ink" textDecoration="none" _hover={{ color: 'deep' }}>
            <Link
                href={href}
                title={[stop.title, stop.due, stop.brief, stop.left === null ? '' : `${stop.left} % of its life left`]
                    .filter(Boolean)
                    .join(', ')}
            >
                <Box
                    position="relative"
                    width="26px"
                    height="26px"
                    p="2px"
                    bg="paper"
                    borderWidth="1.5px"
                    borderColor={attention?.colour ?? 'deep'}
                    borderRadius="3px"
                    color={attention?.colour ?? 'deep'}
                >
                    <Glyph kind={stop.kind} size={19} />
                    {stop.left !== null && <Left left={stop.left} beside />}
                    {attention !== null && (
                        <Box position="absolute" left="28px" top="-5px">
                            <attention.icon size={14} aria-label={attention.name} role="img" />
                        </Box>
                    )}
                </Box>
                <Box fontWeight="700" pt="4px" truncate>
                    {stop.title}
                </Box>
                <Box color={stop.due === null ? 'quiet' : 'caution'} truncate>
                    {stop.due ?? stop.brief}
                </Box>
            </Link>
        </Box>
    );
}

/** What life the charge in a stop has left, as a gauge at its edge. */
function Left({ left, beside = false }: { left: number; beside?: boolean }) {
    return (
        <Box
            role="img"
            aria-label={`${left} % of its life left`}
            {...(beside
                ? { position: 'absolute', left: '-8px', bottom: '-1px', height: '26px' }
                : { display: 'inline-block', position: 'relative', height: '11px', mr: '1' })}
            width="4px"
            bg="hairline"
        >
            <Box position="absolute" bottom="0" width="4px" bg="deep" height={`${left}%`} />
        </Box>
    );
}

/** What leaves the line at a stop, set smaller below it. */
function BranchLink({ stops, toItem }: { stops: Stop[]; toItem: (id: string) => string }) {
    const [first, ...others] = stops;
    if (first === undefined) {
        return null;
    }
    const severity = stops.find((stop) => stop.severity !== null)?.severity ?? null;
    const attention = severity === null ? null : SEVERITY[severity];
    return (
        <Box asChild display="block" pt="1px" color="deep" textDecoration="none" truncate>
            <Link href={toItem(first.id)} title={stops.map((stop) => stop.title).join(', ')}>
                {attention !== null && (
                    <Box asChild display="inline-block" mr="1" color={attention.colour} verticalAlign="-2px">
                        <attention.icon size={12} aria-label={attention.name} role="img" />
                    </Box>
                )}
                {first.left !== null && <Left left={first.left} />}↳ {first.title}
                {others.length > 0 && ` +${others.length}`}
            </Link>
        </Box>
    );
}
