<?php

declare(strict_types=1);

namespace App\Hold\Checks;

use App\Kitchen\Format\Sheet;
use App\Kitchen\Settings;
use Sectum\Receive\Freshness;

/** The day file for an inspector, black on white: everything checked, what was out of range, what was done about it. */
final readonly class DayFilePdf
{
    private const FONT = 'dejavusanscondensed';

    private const COLUMNS = [30.0, 58.0, 66.0, 26.0];

    /** @param  list<CheckedSection>  $sections */
    public static function of(string $title, array $sections): string
    {
        $settings = Settings::load();
        $pdf = new Sheet();
        $pdf->setTitle($title);
        $pdf->setMargins(15, 15, 15);
        $pdf->setAutoPageBreak(true, 15);
        $pdf->AddPage();
        $pdf->setFont(self::FONT, 'B', 17);
        $pdf->Cell(0, 9, $title, 0, 1);
        $pdf->setFont(self::FONT, '', 10);
        $pdf->Cell(0, 6, $settings->onPaper(), 0, 1);
        $pdf->Cell(0, 6, Freshness::CHECK, 0, 1);
        if ($sections === []) {
            $pdf->Cell(0, 10, 'Nothing was checked.', 0, 1);
        }
        foreach ($sections as $section) {
            $pdf->Ln(3);
            $pdf->setFont(self::FONT, 'B', 11);
            $pdf->Cell(0, 6, $section->title, 'B', 1);
            foreach ($section->rows as $row) {
                $pdf->setFont(self::FONT, $row->bad ? 'B' : '', 8.5);
                $result = ($row->bad ? '! ' : '').$pdf->says($row->result);
                foreach ([$row->at, $row->what, $result, $row->by] as $i => $cell) {
                    $pdf->Cell(self::COLUMNS[$i], 4.8, $cell, 0, $i === 3 ? 1 : 0, 'L', false, '', 1);
                }
            }
        }

        return $pdf->Output('day-file.pdf', 'S');
    }
}
