<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\ContractRequest;

final class TrayRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'tray';
    }
}
