<?php

declare(strict_types=1);

namespace App\Measure;

use App\Contract\ContractRequest;

final class VoidRequest extends ContractRequest
{
    protected function schema(): string
    {
        return 'void';
    }
}
