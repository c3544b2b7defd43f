import './css/base.css';
import './css/mantine.css';
import './look';
