/** What of its looks a drawing carries along when it leaves the page. */
const LOOKS = [
    'fill',
    'fill-opacity',
    'stroke',
    'stroke-width',
    'stroke-dasharray',
    'font-family',
    'font-size',
    'font-weight',
    'text-anchor',
    'paint-order',
] as const;

/** The drawing as a file of its own: its looks written out, its size and background set. */
export function svgFile(svg: SVGSVGElement, background: string): string {
    const copy = svg.cloneNode(true) as SVGSVGElement;
    const [from, to] = [svg.querySelectorAll('*'), copy.querySelectorAll('*')];
    from.forEach((element, i) => {
        const looks = getComputedStyle(element);
        const target = to[i];
        for (const look of LOOKS) {
            const value = looks.getPropertyValue(look);
            if (value !== '' && target !== undefined) {
                target.setAttribute(look, value);
            }
        }
        target?.removeAttribute('class');
        target?.removeAttribute('style');
    });
    const { width, height } = svg.getBoundingClientRect();
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    copy.setAttribute('viewBox', `0 0 ${width} ${height}`);
    copy.removeAttribute('style');
    copy.removeAttribute('tabindex');
    const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
    ground.setAttribute('width', '100%');
    ground.setAttribute('height', '100%');
    ground.setAttribute('fill', background);
    copy.prepend(ground);
    return `<?xml version="1.0" encoding="UTF-8"?>\n${new XMLSerializer().serializeToString(copy)}\n`;
}

/** Hands a text to the browser as a file to keep. */
export function download(name: string, type: string, text: string) {
    const address = URL.createObjectURL(new Blob([text], { type }));
    const link = document.createElement('a');
    link.href = address;
    link.download = name;
    link.click();
    setTimeout(() => URL.revokeObjectURL(address), 1000);
}
