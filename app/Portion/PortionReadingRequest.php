<?php

declare(strict_types=1);

namespace App\Portion;

use App\Contract\ContractRequest;

final class PortionReadingRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'portion-reading';
    }
}
