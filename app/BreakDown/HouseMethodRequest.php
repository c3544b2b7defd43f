<?php

declare(strict_types=1);

namespace App\BreakDown;

use App\Contract\ContractRequest;

final class HouseMethodRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'house-method';
    }
}
