<?php

declare(strict_types=1);

namespace App\Portion\Tray;

use App\Kitchen\Format\Sheet;

/** Labels as a PDF, one to a page, black on white. */
final readonly class LabelPdf
{
    private const WIDTH_MM = 100;

    private const HEIGHT_MM = 62;

    private const FONT = 'dejavusanscondensed';

    /**
     * @param  non-empty-list<Label>  $labels
     * @return string the file's bytes
     */
    public static function of(array $labels): string
    {
        $pdf = new Sheet('L', [self::WIDTH_MM, self::HEIGHT_MM]);
        $pdf->setTitle("{$labels[0]->dish}, {$labels[0]->what}");
        $pdf->setMargins(4, 3, 4);
        $pdf->setAutoPageBreak(false);
        $pdf->setFontSubsetting(true);
        foreach ($labels as $label) {
            $pdf->AddPage();
            self::draw($pdf, $label);
        }

        return $pdf->Output('labels.pdf', 'S');
    }

    private static function draw(Sheet $pdf, Label $label): void
    {
        self::line($pdf, 3.5, 14, 'B', $label->dish, 66);
        self::line($pdf, 10.5, 8, '', $label->what, 66);
        self::line(
            $pdf,
            15,
            12,
            'B',
            $label->net->print().($label->count === null ? '' : ", {$label->count} portions"),
            66,
        );
        $date = ($label->frozen ? 'Frozen, best before ' : 'Use by ').$label->useBy->format('D j M Y');
        self::line($pdf, 21.5, 12, 'B', $date, 66);
        self::line($pdf, 28, 7.5, '', 'Lot '.$label->lots, 66);
        self::line($pdf, 31.5, 7.5, '', $label->made.', '.$label->kitchen, 66);
        self::line($pdf, 35, 7.5, 'B', $label->contains, 66);
        $pdf->setFont(self::FONT, '', 5.5);
        $pdf->setXY(4, 38.5);
        $pdf->MultiCell(92, 5, $label->bones, 0, 'L', false, 1, null, null, true, 0, false, true, 5, 'T', true);
        $pdf->write2DBarcode($label->codes->link, 'QRCODE,M', 73, 4, 23, 23);
        $pdf->write1DBarcode($label->bars(), 'C128', 8, 45, 84, 10.5, 0.3, [
            'fitwidth' => true,
            'stretch' => false,
            'position' => 'C',
            'align' => 'C',
            'text' => false,
        ]);
        $pdf->setFont(self::FONT, '', 6.5);
        $pdf->setXY(4, 56.5);
        $pdf->Cell(92, 3, $label->codes->elements->read, 0, 0, 'C', false, '', 1);
    }

    /** One line that is made smaller rather than cut off. */
    private static function line(
        Sheet $pdf,
        float $y,
        float $points,
        string $weight,
        string $text,
        float $width,
    ): void {
        $pdf->setFont(self::FONT, $weight, $points);
        $pdf->setXY(4, $y);
        $pdf->Cell($width, $points * 0.45, $text, 0, 0, 'L', false, '', 1);
    }
}
