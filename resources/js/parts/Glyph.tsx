// Our own small drawings of equipment, 24 by 24, drawn in the colour of the text around them.
const SHAPES: Record<string, string> = {
    'overflow-drilled': 'M4 4v16M4 8h9v10M9 20v-6M9 8V5M12 8V5M6 8V5M9 14a2 2 0 1 0 0 .1',
    'overflow-rim': 'M5 21V9M5 13h6V7M8 13V6a4 4 0 0 1 8 0v14M16 20h4',
    weir: 'M4 4h16M4 4v16M8 4v5M12 4v5M16 4v5M20 4v16M4 13c2-2 4-2 6 0s4 2 6 0 3-1.500 4-1',
    intake: 'M12 3v8M8 11h8v9H8zM8 14h8M8 17h8',
    drain: 'M9 3v8a4 4 0 0 0 4 4h2v6M13 3v7M19 15v6',
    sock: 'M5 4h14M7 4v11a5 5 0 0 0 10 0V4M10 8h.1M14 8h.1M12 11h.1M10 14h.1M14 14h.1',
    roller: 'M7 7m-4 0a4 4 0 1 0 8 0 4 4 0 1 0-8 0M17 17m-3 0a3 3 0 1 0 6 0 3 3 0 1 0-6 0M3.500 9 14 17.500M10.500 5.500 20 15.500',
    'pre-filter': 'M7 4h10v16H7zM7 8h10M7 12h10M7 16h10M12 4V2',
    sponge: 'M4 8h16v9H4zM7 11h.1M11 10.500h.1M15 11.500h.1M8.500 14h.1M13 14h.1M17 14.500h.1',
    pad: 'M4 10h16v5H4zM7 10l-2 5M11 10l-2 5M15 10l-2 5M19 10l-2 5',
    'dual-pad':
        'M4 7h16v5H4zM4 12h16v5H4zM8 7l-2 5M13 7l-2 5M18 7l-2 5M7 12l-1 5M10 12l-1 5M13 12l-1 5M16 12l-1 5M19 12l-1 5',
    floss: 'M4 9c2-3 4 2 7-1s4 3 9 0v7c-3 3-5-2-8 1s-5-2-8 0z',
    skimmer: 'M9 10h6v11H9zM7 4h10v5H7zM11 13h.1M13 15h.1M11.500 17.500h.1M13 19h.1',
    refugium: 'M4 8h16v12H4zM8 20c-1-3 1-4 0-8M12 20c-1-3 2-4 0-9M16 20c-1-3 1-4 0-8M9 4h6',
    'algae-reactor': 'M7 5h10v15H7zM10 18c-1-3 1-4 0-9M14 18c-1-3 1-4 0-9M4 7v11M20 7v11',
    scrubber: 'M4 5h16M7 5v15h10V5M7 9h10M7 13h10M7 17h10M12 5v15',
    basket: 'M5 4h14v16H5zM5 9h14M5 14h14M10 4V2h4v2',
    bag: 'M8 7c-5 5-4 13 4 13s9-8 4-13M8 7h8M9 4l1 3M15 4l-1 3M10 13h.1M13 12h.1M12 16h.1',
    reactor: 'M8 5h8v15H8zM8 8h8M8 17h8M11 11h.1M13 13h.1M11 15h.1M12 5V2M16 11h4',
    'canister-basket': 'M5 9h14v8H5zM5 9V6h14v3M9 12v2M12 12v2M15 12v2',
    biological:
        'M8 9m-3 0a3 3 0 1 0 6 0 3 3 0 1 0-6 0M16 8m-2.500 0a2.500 2.500 0 1 0 5 0 2.500 2.500 0 1 0-5 0M12 16m-3.500 0a3.500 3.500 0 1 0 7 0 3.500 3.500 0 1 0-7 0',
    zeolite: 'M5 15l3-5 4 2 1 5-4 3zM13 8l4-3 3 4-3 4-4-1zM15 16l4-1 1 4-4 1z',
    'bubble-trap': 'M4 20h16M7 20V8M12 16V4M17 20V8M9.500 12h.1M14.500 10h.1',
    'calm-section': 'M4 5v15h16V5M4 11c3-2 5-2 8 0s5 2 8 0M12 15v3',
    comb: 'M4 20V8M8 20V8M12 20V8M16 20V8M20 20V8M4 20h16M4 14h.1',
    'catch-tray': 'M3 9h18v6H3zM7 9v6M11 9v6M15 9v6M3 12h18',
    'return-pump':
        'M12 13m-6 0a6 6 0 1 0 12 0 6 6 0 1 0-12 0M12 7V2M9.500 4.500 12 2l2.500 2.500M12 13l3-2M12 13l-3-2M12 13v3.500',
    'feed-pump':
        'M10 13m-5 0a5 5 0 1 0 10 0 5 5 0 1 0-10 0M15 13h6M18.500 10.500 21 13l-2.500 2.500M10 13l2.500-1.500M10 13l-2.500-1.500M10 13v3',
    heater: 'M10 3h4v18h-4zM10 7h4M12 10v8',
    chiller:
        'M12 3v18M4.200 7.500l15.600 9M19.800 7.500l-15.600 9M9.500 4.500 12 7l2.500-2.500M9.500 19.500 12 17l2.500 2.500',
    uv: 'M9 3h6v18H9zM12 6v12M4 8l2 1M4 12h2M4 16l2-1M20 8l-2 1M20 12h-2M20 16l-2-1',
    ozone: 'M8 9m-3.500 0a3.500 3.500 0 1 0 7 0 3.500 3.500 0 1 0-7 0M16 9m-3.500 0a3.500 3.500 0 1 0 7 0 3.500 3.500 0 1 0-7 0M12 16m-3.500 0a3.500 3.500 0 1 0 7 0 3.500 3.500 0 1 0-7 0',
    'top-off': 'M12 3c4 5 6 8 6 11a6 6 0 0 1-12 0c0-3 2-6 6-11zM9 15a3 3 0 0 0 3 3',
};

/** The drawing of one kind of equipment; it says nothing a name beside it does not. */
export function Glyph({ kind, size = 24 }: { kind: string; size?: number }) {
    return (
        <svg
            width={size}
            height={size}
            viewBox="0 0 24 24"
            fill="none"
            stroke="currentColor"
            strokeWidth="1.5"
            strokeLinecap="round"
            strokeLinejoin="round"
            aria-hidden="true"
        >
            <path d={SHAPES[kind] ?? 'M5 5h14v14H5z'} />
        </svg>
    );
}
