import * as texts from 'texts/inside/SaveFields';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { saveAs } from '../../lib/saveAs';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { fileOf, type Sight } from '../picture/api';
import type { Shown } from '../picture/PictureCanvas';

const MOST_PX = 8000;

/** What is shown, as a file: a picture as large as wanted, or outlines in true size. */
export function SaveFields({ sight, shown, title }: { sight: Sight; shown: Shown | null; title: string }) {
  const [widthPx, setWidthPx] = useState(2400);
  const save = useMutation({
    mutationFn: async (as: 'PNG' | 'SVG') => {
      if (!shown) return;
      const blob = await fileOf(sight, shown.picture.pane, widthPx, as, title);
      saveAs(`${title.replace(/[^\p{L}\p{N}]+/gu, '-')}.${as.toLowerCase()}`, blob);
    },
  });
  return (
    <section aria-label={texts.save} className="mt-auto border-t border-line pt-3">
      <h2 className="pb-1 text-lg">{texts.saveThisPicture}</h2>
      <div className="flex items-end gap-2">
        <MeasureField
          label={texts.pixelsAcross}
          measure="count"
          width="w-24"
          value={widthPx}
          onCommit={(px) => {
            if (px < 16 || px > MOST_PX) return texts.from16To({ MOSTPX: MOST_PX });
            setWidthPx(px);
            return null;
          }}
        />
        <Button
          disabled={save.isPending || !shown}
          aria-label={texts.savePng}
          onClick={() => save.mutate('PNG')}
        >
          {texts.png}
        </Button>
        <Button
          disabled={save.isPending || !shown}
          aria-label={texts.saveSvg}
          onClick={() => save.mutate('SVG')}
          title={texts.outlinesOfEverySteelInTrue}
        >
          {texts.svg}
        </Button>
      </div>
      {save.error && (
        <p role="alert" className="pt-1 text-[13px]">
          {Problem.from(save.error).detail}
        </p>
      )}
    </section>
  );
}
