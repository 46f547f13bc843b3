import { Box } from '@chakra-ui/react';
import { Link } from '@inertiajs/react';
import { figure, useUnits } from '../lib/figures';
import { type SystemFrame } from '../lib/page';

interface Stop {
    name: string;
    note: string;
    warns: boolean;
}

/** The keeper's own water: from the display through what is known of the filter and back, with the flow on the line. */
export function WaterLine({ frame }: { frame: SystemFrame }) {
    const { show } = useUnits();
    const warns = frame.turnoverFinding.severity === 'caution';
    const flow =
        frame.flowLitresPerHour === null
            ? 'filter flow not given'
            : `${show(frame.flowLitresPerHour, 'flow')} · ${figure(frame.turnoverPerHour ?? 0, 1)} volumes an hour`;
    const stops: Stop[] = [
        ...(frame.sumpLitres > 0
            ? [{ name: 'Sump', note: `${show(frame.sumpLitres, 'volume')} running`, warns: false }]
            : [{ name: 'Filter', note: 'no sump', warns: false }]),
        { name: 'Return', note: warns ? frame.turnoverFinding.title.toLowerCase() : 'to the display', warns },
    ];
    const path = `/systems/${frame.id}/path`;

    return (
        <Box
            as="nav"
            aria-label="Water line"
            position="relative"
            height={{ base: '92px', md: '112px' }}
            mx={{ base: '3', md: '6' }}
        >
            <Box position="absolute" inset="0" aria-hidden="true">
                <Box
                    position="absolute"
                    left={{ base: '116px', md: '158px' }}
                    right="0"
                    top="38px"
                    bottom={{ base: '18px', md: '22px' }}
                    borderWidth="2px"
                    borderColor="deep"
                    borderLeftWidth="0"
                    borderRightRadius="10px"
                />
                <Box
                    position="absolute"
                    left={{ base: '56px', md: '76px' }}
                    width={{ base: '61px', md: '83px' }}
                    bottom={{ base: '18px', md: '22px' }}
                    height={{ base: '14px', md: '22px' }}
                    borderWidth="2px"
                    borderColor="deep"
                    borderTopWidth="0"
                    borderRightWidth="0"
                    borderBottomLeftRadius="8px"
                />
                <Box
                    asChild
                    position="absolute"
                    left={{ base: '51px', md: '71px' }}
                    bottom={{ base: '26px', md: '36px' }}
                    color="deep"
                >
                    <svg width="12" height="8" viewBox="0 0 12 8">
                        <path d="M1 7 6 1l5 6" fill="none" stroke="currentColor" strokeWidth="2" />
                    </svg>
                </Box>
            </Box>
            <Stopper
                href={path}
                top="8px"
                left="0"
                width={{ base: '116px', md: '158px' }}
                height={{ base: '52px', md: '60px' }}
            >
                <Box
                    height="100%"
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
                    <Box color="quiet">{show(frame.displayLitres, 'volume')} net</Box>
                </Box>
            </Stopper>
            {stops.map((stop, i) => (
                <Stopper
                    key={stop.name}
                    href={path}
                    top="14px"
                    left={{ base: `${136 + i * 112}px`, md: `${24 + i * 38}%` }}
                    width={{ base: '104px', md: '190px' }}
                    height="50px"
                >
                    <Box display="flex" gap="1.5" height="100%" alignItems="center">
                        <Box
                            width="15px"
                            height="46px"
                            flexShrink="0"
                            borderWidth="1.5px"
                            borderColor={stop.warns ? 'caution' : 'deep'}
                            borderRadius="2px"
                            bg="paper"
                            p="1px"
                            aria-hidden="true"
                        >
                            <Box height="100%" bg={stop.warns ? 'caution' : 'current'} />
                        </Box>
                        <Box fontSize={{ base: 'xs', md: 'sm' }} lineHeight="1.15" alignSelf="stretch">
                            <Box fontWeight="700" height="24px" pt="3px" bg="paper" px="1" width="fit-content">
                                {stop.name}
                            </Box>
                            <Box
                                color={stop.warns ? 'caution' : 'quiet'}
                                fontWeight={stop.warns ? '700' : '400'}
                                px="1"
                                pt="5px"
                                whiteSpace="nowrap"
                            >
                                {stop.note}
                            </Box>
                        </Box>
                    </Box>
                </Stopper>
            ))}
            <Box
                position="absolute"
                bottom={{ base: '8px', md: '12px' }}
                left="56%"
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
    );
}

function Stopper({
    href,
    children,
    ...place
}: {
    href: string;
    children: React.ReactNode;
    top: string;
    left: string | Record<string, string>;
    width: string | Record<string, string>;
    height: string | Record<string, string>;
}) {
    return (
        <Box asChild position="absolute" color="ink" textDecoration="none" _hover={{ color: 'deep' }} {...place}>
            <Link href={href}>{children}</Link>
        </Box>
    );
}
