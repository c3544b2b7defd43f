<?php

declare(strict_types=1);

namespace App\Hold\Labels;

use App\Kitchen\Format\Sheet;
use App\Kitchen\Settings;

/** A label of a pack, a treatment, a batch or a tub as a PDF, of the size of a portion's label, black on white. */
final readonly class HouseLabelPdf
{
    private const WIDTH_MM = 100;

    private const HEIGHT_MM = 62;

    private const FONT = 'dejavusanscondensed';

    public static function of(HouseLabel $label): string
    {
        $settings = Settings::load();
        $pdf = new Sheet('L', [self::WIDTH_MM, self::HEIGHT_MM]);
        $pdf->setTitle("{$label->name}, {$label->what}");
        $pdf->setMargins(4, 3, 4);
        $pdf->setAutoPageBreak(false);
        $pdf->AddPage();
        $kitchen = $settings->onPaper();
        $lines = [
            [4.0, 14.0, 'B', $label->name],
            [11.5, 9.0, '', $label->what],
            [17.0, 13.0, 'B', $label->until],
            [25.0, 8.5, '', 'Lot '.implode(', ', $label->lots)],
            [30.0, 8.5, '', "{$label->made}, {$kitchen}"],
            [35.0, 8.5, 'B', $label->contains],
        ];
        foreach ($lines as [$y, $points, $weight, $text]) {
            $pdf->setFont(self::FONT, $weight, $points);
            $pdf->setXY(4, $y);
            // Made smaller rather than cut off.
            $pdf->Cell(64, $points * 0.45, $text, 0, 0, 'L', false, '', 1);
        }
        $pdf->setFont(self::FONT, 'B', 9);
        $pdf->setXY(4, 42);
        $pdf->MultiCell(92, 10, $label->state, 0, 'L');
        $pdf->write2DBarcode($label->code(), 'QRCODE,M', 71, 4, 25, 25);

        return $pdf->Output('label.pdf', 'S');
    }
}
