import { useCallback } from 'react';

/** A drawing as a picture: it is given an address of its own, since none may stand in the page’s text. */
export function DrawnPicture({ svg, alt, className }: { svg: string; alt: string; className: string }) {
  const draw = useCallback(
    (image: HTMLImageElement) => {
      const address = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
      image.src = address;
      return () => URL.revokeObjectURL(address);
    },
    [svg],
  );
  return <img ref={draw} alt={alt} className={className} />;
}
